/** Model version: part of every frozen plan; raised when a number can come out differently. */
export const MODEL_VERSION = 8;
