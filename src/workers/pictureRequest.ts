import { array, boolean, mixed, number, object, type InferType } from 'yup';
import { measure } from '../domain/fields';

const pointFields = { x: measure(-100, 20_000), y: measure(-100, 20_000) };
const pointSchema = object(pointFields).noUnknown();
const tapSchema = object({ ...pointFields, offPx: number().min(0).max(1000) }).noUnknown();

/** A picture file as it crosses into its thread. */
const pictureFileSchema = mixed<Blob>((value): value is Blob => value instanceof Blob)
  .typeError('a picture needs a file')
  .required();

/** Taps that a line is to be traced through, in px of the picture. */
const traceSchema = object({
  taps: array(tapSchema.required()).min(2).max(60).required(),
  isClosed: boolean().required(),
}).noUnknown();

/** Taps on the rim of a coin, in px of the picture. */
const rimSchema = object({
  taps: array(tapSchema.required()).min(3).max(60).required(),
}).noUnknown();

export type RimRequest = InferType<typeof rimSchema>;

export type TraceRequest = InferType<typeof traceSchema>;

/** An edge whose light is looked at, in px of the picture, and how large the picture shows it. */
const glintSchema = object({
  line: array(pointSchema.required()).min(2).max(20_000).required(),
  pxPerMm: measure(0.05, 1000),
}).noUnknown();

export type GlintRequest = InferType<typeof glintSchema>;

/** Each reads a request whose shape is sound. Throws a `ValidationError` that names the field. */
export const readPictureFile = (sent: unknown): Blob =>
  pictureFileSchema.validateSync(sent, { strict: true });
export const readTrace = (sent: unknown): TraceRequest =>
  traceSchema.validateSync(sent, { strict: true });
export const readGlint = (sent: unknown): GlintRequest =>
  glintSchema.validateSync(sent, { strict: true });
export const readRim = (sent: unknown): RimRequest =>
  rimSchema.validateSync(sent, { strict: true });
