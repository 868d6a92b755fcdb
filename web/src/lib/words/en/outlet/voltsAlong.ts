export const words = {
	title: 'Volts along this circuit',
	legend:
		'Dashed: by the record, at 20 °C with its loads on. Diamonds: the last reading of hot to neutral at each outlet. A drop that the cable doesn’t explain is a bad joint before it.',
	label: (read: string | number, all: string | number) =>
		`Volts at ${read} of ${all} outlets along the circuit, beside what the record expects. The figures are in the table below.`,
	cableFromThePanel: 'cable from the panel, m',
	outlet: 'Outlet',
	cable: 'Cable',
	byTheRecord: 'By the record',
	asRead: 'As read'
};
