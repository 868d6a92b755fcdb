import { readFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { houseFromJson, named, netlist, readInstrument, solved, UserError } from './commands';

const help = `wary: the wiring model from the command line

  npm run -s wary -- <command> FILE [options]

FILE is a house file (docs/house-file.md); “-” reads standard input.

  validate FILE            says whether the file is right; else every place that is wrong, and exits with 1
  solve FILE               node voltages and branch currents, as JSON
  netlist FILE             the house as a SPICE netlist
  read FILE --with WHAT    an instrument's reading, as JSON
  points FILE [--box ID]   names of the points that a probe can be put on

options of read
  --with multimeter | low-impedance | indicator | ohms    between two points:
      --red POINT --black POINT
  --with contactless       at one point:  --red POINT
  --with plug | lamp       plugged into an outlet:  --box ID --half upper|lower|left|right|only

options of solve, netlist and read
  --off ID[,ID…]           breakers (main:PANEL: a main switch) switched off first
  --on ID[,ID…]            breakers switched on first

points are written as the solver names them, for example
  box:sewing-east-wall/upper.hot      a contact of the face
  box:sewing-east-wall/hotUpper       a terminal
  cable:sewing-2/hot@to               a conductor's end
  panel:main/groundBar                the ground bar, against which voltages are given
`;

const options = {
	help: { type: 'boolean', short: 'h' },
	with: { type: 'string' },
	red: { type: 'string' },
	black: { type: 'string' },
	box: { type: 'string' },
	half: { type: 'string' },
	off: { type: 'string' },
	on: { type: 'string' }
} as const;

/** Runs one command; returns what goes to standard output. */
function run(argv: string[]): string {
	const { values, positionals } = parse(argv);
	const [command, file] = positionals;
	if (values.help || command === undefined) return help;
	if (!['validate', 'solve', 'netlist', 'read', 'points'].includes(command))
		throw new UserError(`There is no command “${command}”. Try --help.`);
	if (file === undefined) throw new UserError(`${command} needs a FILE. Try --help.`);
	const house = houseFromJson(readText(file), file, values);
	switch (command) {
		case 'solve':
			return `${JSON.stringify(solved(house), null, '\t')}\n`;
		case 'netlist':
			return netlist(house);
		case 'read':
			return `${JSON.stringify(readInstrument(house, values))}\n`;
		case 'points':
			return `${named(house, values.box).join('\n')}\n`;
		default:
			return `${house.name}: ${house.boxes.length} boxes, ${house.cables.length} cables, nothing wrong.\n`;
	}
}

function parse(argv: string[]) {
	try {
		return parseArgs({ args: argv, options, allowPositionals: true });
	} catch (error) {
		throw new UserError(`${(error as Error).message}. Try --help.`);
	}
}

function readText(file: string): string {
	try {
		return readFileSync(file === '-' ? 0 : file, 'utf8');
	} catch (error) {
		throw new UserError(
			`${file} can’t be read: ${(error as NodeJS.ErrnoException).code ?? 'unknown reason'}.`
		);
	}
}

try {
	process.stdout.write(run(process.argv.slice(2)));
} catch (error) {
	if (!(error instanceof UserError)) throw error;
	process.stderr.write(`${error.message}\n`);
	process.exitCode = 1;
}
