import pg from 'pg';
import { isAway } from './db';
import { HeldUp } from './heavy/heldUp';

/**
 * What it comes to that a write runs into a constraint of the database, where the use case has no answer of its own. `taken`: it is there already, made by somebody else meanwhile or by
 * the same request before. `gone`: what it belongs to isn’t there. `malformed`: it can’t be kept as it is.
 */
export type Violation = 'taken' | 'gone' | 'malformed';

/** Every constraint of the schema; a test compares it with that. */
export const constraints: Readonly<Record<string, Violation>> = {
	bench_household_id_fkey: 'gone',
	bench_name_check: 'malformed',
	bench_pkey: 'taken',
	bench_revision_check: 'malformed',
	cost_household_id_fkey: 'gone',
	cost_pkey: 'taken',
	demo_wiring_household_id_fkey: 'gone',
	demo_wiring_pkey: 'taken',
	home_listing_by_slug: 'taken',
	home_listing_household_id_fkey: 'gone',
	home_listing_pkey: 'taken',
	house_version_household_id_fkey: 'gone',
	house_version_pkey: 'taken',
	house_version_version_check: 'malformed',
	house_version_why_check: 'malformed',
	household_pkey: 'taken',
	household_slug_check: 'malformed',
	household_slug_in_use: 'taken',
	job_box_household_id_job_id_box_id_key: 'taken',
	job_box_household_id_job_id_fkey: 'gone',
	job_box_pkey: 'taken',
	job_box_position_check: 'malformed',
	job_box_taken_household_id_job_id_fkey: 'gone',
	job_box_taken_pkey: 'taken',
	job_ended_household_id_job_id_fkey: 'gone',
	job_ended_outcome_check: 'malformed',
	job_ended_pkey: 'taken',
	job_event_check: 'malformed',
	job_event_household_id_event_id_key: 'taken',
	job_event_household_id_job_id_fkey: 'gone',
	job_event_pkey: 'taken',
	job_event_seq_check: 'malformed',
	job_event_version_check: 'malformed',
	job_household_id_fkey: 'gone',
	job_household_id_house_version_fkey: 'gone',
	job_pkey: 'taken',
	job_procedure_check: 'malformed',
	job_school_check: 'malformed',
	job_told_household_id_job_id_fkey: 'gone',
	job_told_pkey: 'taken',
	job_who_check: 'malformed',
	kept_plan_household_id_fkey: 'gone',
	kept_plan_pkey: 'taken',
	observation_box_id_check: 'malformed',
	observation_household_id_fkey: 'gone',
	observation_household_id_job_id_fkey: 'gone',
	observation_pkey: 'taken',
	paired_device_name_check: 'malformed',
	paired_device_pkey: 'taken',
	pairing_code_pkey: 'taken',
	photo_caption_check: 'malformed',
	photo_content_check: 'malformed',
	photo_content_type_check: 'malformed',
	photo_household_id_job_id_fkey: 'gone',
	photo_pkey: 'taken',
	server_secret_only_row_check: 'malformed',
	server_secret_pkey: 'taken',
	settings_version_household_id_fkey: 'gone',
	settings_version_pkey: 'taken',
	settings_version_version_check: 'malformed'
};

/** What a failure comes to that isn't the asker's to mend: the database is away, holds this up, has no space left, or can't read what it keeps. */
export type Trouble = 'databaseAway' | 'busy' | 'diskFull' | 'damaged';
export type Failed = Trouble | Violation;

/** The status that each is answered with. */
export const statuses: Readonly<Record<Failed, number>> = {
	databaseAway: 503,
	busy: 503,
	diskFull: 507,
	damaged: 500,
	malformed: 400,
	taken: 409,
	gone: 409
};

/** By class or code (PostgreSQL, appendix A); the longest that fits counts. A lock or a statement that took too long, a deadlock, a write that others came before: worth asking again. */
const byCode: Readonly<Record<string, Failed>> = {
	'22': 'malformed',
	'40': 'busy',
	'53100': 'diskFull',
	'55P03': 'busy',
	'57014': 'busy',
	XX001: 'damaged',
	XX002: 'damaged'
};

/** What a failure comes to by what the database, or the way to it, calls it; `null`: it is none of these, and unexpected. */
export function failedAs(error: unknown): Failed | null {
	if (isAway(error)) return 'databaseAway';
	if (error instanceof HeldUp) return 'busy';
	if (!(error instanceof pg.DatabaseError)) return null;
	const { code = '', constraint = '' } = error;
	return code.startsWith('23')
		? (constraints[constraint] ?? null)
		: (byCode[code] ?? byCode[code.slice(0, 2)] ?? null);
}
