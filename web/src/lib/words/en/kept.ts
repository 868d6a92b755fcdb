const entries = (count: number) => (count === 1 ? 'One entry' : `${count} entries`);

/** What a device kept and this version can't read. */
export const asideWords = {
	unread: (count: number) =>
		`${entries(count)} that this device kept can’t be read by this version of Wary Hand. ${count === 1 ? 'It wasn’t' : 'They weren’t'} sent. The job goes on without; save the file if you want to know what stood there.`,
	waits: (count: number) =>
		`${entries(count)} of this job waited on this device and can’t be sent any more. Save the file if you want to know what stood there.`,
	save: 'Save as a file',
	forget: 'Throw it away'
};
