export function needChromium(): Promise<string>;
export function launchOptions(): { readonly executablePath: string; readonly args: string[] };
