import { onFreshCluster } from './lib/onFreshCluster.mjs';

// Figures compare within one run; machines are noisy.
await onFreshCluster('scripts/bench.ts');
