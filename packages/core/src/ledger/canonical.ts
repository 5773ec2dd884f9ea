import { sha256 } from "@noble/hashes/sha2.js";
import { bytesToHex, utf8ToBytes } from "@noble/hashes/utils.js";
import canonicalize from "canonicalize";
import { present } from "../util/index.ts";

/** JSON in the canonical form of RFC 8785: one text for one value. */
export const canonicalJson = (value: unknown): string =>
  present(canonicalize(value), "a value that JSON can hold");

/** SHA-256 of UTF-8 text, 64 hexadecimal digits. */
export const hashText = (text: string): string => bytesToHex(sha256(utf8ToBytes(text)));

export const hashOf = (value: unknown): string => hashText(canonicalJson(value));
