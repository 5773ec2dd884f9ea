export declare const BROWSER_PACKAGE: string;
export declare const browserPath: () => string | undefined;
export declare const browserLaunch: () => { executablePath: string; args: string[] };
