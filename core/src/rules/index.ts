export { conductorSizes, couplingFPerM, goodJointOhm, resistanceOhmPerM, type ConductorMaterial, type ConductorSize } from './conductors';
export { regions, type Region, type RegionRules } from './regions';
