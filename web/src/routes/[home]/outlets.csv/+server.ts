import { outletsCsv } from '@wary/core/files';
import { csvDownload } from '$lib/server/requests';

export const GET = csvDownload('outlets', outletsCsv);
