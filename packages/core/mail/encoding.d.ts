/* eslint-disable no-var, @typescript-eslint/prefer-function-type -- it has to agree with what browsers and Node declare */
/** The part of the Encoding Standard that browsers and Node share; the core's types know neither. */
declare var TextDecoder: { new (label?: string): { decode: (bytes: Uint8Array) => string } };
