const kept = 'node_modules/.cache/wary';

/** What `tsc` is told for a configuration of the core: what hasn’t changed since the last time isn’t looked at again. */
export const types = (name) => [
	'-p',
	`core/${name}.json`,
	'--incremental',
	'--tsBuildInfoFile',
	`${kept}/${name}.tsbuildinfo`
];
