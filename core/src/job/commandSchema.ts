import { z } from 'zod';
import { schema as confirm } from './steps/confirm';
import { schema as decideProtection } from './steps/decideProtection';
import { schema as checkTools } from './steps/checkTools';
import { schema as checkPart } from './steps/checkPart';
import { schema as readLive } from './steps/readLive';
import { schema as readLiveGround } from './steps/readLiveGround';
import { schema as readPlateScrew } from './steps/readPlateScrew';
import { schema as readAsFound } from './steps/readAsFound';
import { schema as deadFromStart } from './steps/deadFromStart';
import { schema as readWitness } from './steps/readWitness';
import { schema as seeControlled } from './steps/seeControlled';
import { schema as readGroundEarth } from './steps/readGroundEarth';
import { schema as proveEarth } from './steps/proveEarth';
import { schema as searchBy } from './steps/searchBy';
import { schema as searched } from './steps/searched';
import { schema as arranged } from './steps/arranged';
import { schema as switchBreaker } from './steps/switchBreaker';
import { schema as hold } from './steps/hold';
import { schema as proveTester } from './steps/proveTester';
import { schema as readPair } from './steps/readPair';
import { schema as amendVolts } from './steps/amendVolts';
import { schema as lookOver } from './steps/lookOver';
import { schema as landAt } from './steps/landAt';
import { schema as planAnew } from './steps/planAnew';
import { schema as addBox } from './steps/addBox';
import { schema as dropBox } from './steps/dropBox';
import { schema as foundConductor } from './steps/foundConductor';
import { schema as inspect } from './steps/inspect';
import { schema as autopsy } from './steps/autopsy';
import { schema as takeOff } from './steps/takeOff';
import { schema as move } from './steps/move';
import { schema as checkWork } from './steps/checkWork';
import { schema as supplyWay } from './steps/supplyWay';
import { schema as touchSupply } from './steps/touchSupply';
import { schema as trySupply } from './steps/trySupply';
import { schema as readBaseline } from './steps/readBaseline';
import { schema as readEnds } from './steps/readEnds';
import { schema as readSupplyOhms } from './steps/readSupplyOhms';
import { schema as readSupplyVolts } from './steps/readSupplyVolts';
import { schema as cap } from './steps/cap';
import { schema as reopen } from './steps/reopen';
import { schema as readOhms } from './steps/readOhms';
import { schema as restorePower } from './steps/restorePower';
import { schema as readPlug } from './steps/readPlug';
import { schema as readLoaded } from './steps/readLoaded';
import { schema as readOutlet } from './steps/readOutlet';
import { schema as checkNeighbour } from './steps/checkNeighbour';
import { schema as grip } from './steps/grip';
import { schema as fixLabel } from './steps/fixLabel';
import { schema as tidyDirectory } from './steps/tidyDirectory';
import { schema as changed } from './steps/changed';
import { schema as note } from './steps/note';
import { schema as stop } from './steps/stop';
import { schema as finish } from './steps/finish';

/** What a person says they saw, did or decided: the type, the server's check and the stored form follow from the steps' own schemas. */
export const commandSchema = z.discriminatedUnion('kind', [
	confirm,
	decideProtection,
	checkTools,
	checkPart,
	readLive,
	readLiveGround,
	readPlateScrew,
	readAsFound,
	deadFromStart,
	readWitness,
	seeControlled,
	readGroundEarth,
	proveEarth,
	searchBy,
	searched,
	arranged,
	switchBreaker,
	hold,
	proveTester,
	readPair,
	amendVolts,
	lookOver,
	planAnew,
	landAt,
	addBox,
	dropBox,
	foundConductor,
	inspect,
	autopsy,
	takeOff,
	move,
	checkWork,
	supplyWay,
	touchSupply,
	trySupply,
	readBaseline,
	readEnds,
	readSupplyOhms,
	readSupplyVolts,
	cap,
	reopen,
	readOhms,
	restorePower,
	readPlug,
	readOutlet,
	readLoaded,
	checkNeighbour,
	grip,
	fixLabel,
	tidyDirectory,
	changed,
	note,
	stop,
	finish
]);
