declare module "color-diff" {
  interface Lab {
    readonly L: number;
    readonly a: number;
    readonly b: number;
  }
  export function diff(a: Lab, b: Lab): number;
}
