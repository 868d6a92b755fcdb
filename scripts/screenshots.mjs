import { onFreshCluster } from './lib/onFreshCluster.mjs';

await onFreshCluster('scripts/screenshots.ts');
