import { itemAt } from '@/core/base/item';
import type { ShouldContinue } from '@/core/base/should-continue';
import type { Problem } from '@/core/base/problem';
import { succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import { angleFacts, anglesOf } from '@/core/evaluate/angle-facts';
import type { AngleFacts } from '@/core/evaluate/angle-facts';
import { evaluate } from '@/core/evaluate/evaluate';
import { formsOf } from '@/core/format';
import { plainNature } from '@/core/format/form';
import type { Form } from '@/core/format/form';
import type { Random } from '@/core/function/record';
import { parse } from '@/core/language/parse';
import { printText } from '@/core/language/print-text';
import { isReal } from '@/core/number/value';
import type { RealValue } from '@/core/number/value';
import { contextFor, readingOptions, withTries } from './answer';
import type { LineRequest } from './answer';

/** An angle as a number of degrees, in degrees-minutes-seconds, and as a multiple of π. */
export type AngleForms = Readonly<{ degrees: Form; dms: Form | null; turn: Form | null }>;

export type AngleView = Readonly<{
  /** The angle as it stands in the line. */
  text: string;
  angle: AngleForms;
  coterminal: AngleForms;
  reference: AngleForms;
  toAxis: AngleForms | null;
}> &
  Pick<AngleFacts, 'quadrant' | 'isOnAxis' | 'turn'>;

/** The angles of a line, each with what can be said of it. */
export function anglesOfLine(
  request: LineRequest,
  shouldContinue: ShouldContinue,
  random: Random,
): Result<readonly AngleView[], Problem> {
  const reading = parse(request.text, readingOptions(request));
  if (!reading.ok) return reading;
  const { context } = withTries(reading.value, request, contextFor(request, shouldContinue, random));
  const { decimalSign } = request.display;

  const inForms = (v: RealValue): AngleForms | null => {
    const forms = formsOf(v, request.display, shouldContinue, { ...plainNature('deg'), isAngle: true });
    if (!forms.ok) return null;
    const of = (id: Form['id']): Form | null => forms.value.find((f) => f.id === id) ?? null;
    const degrees = of('decimal') ?? of('exact') ?? itemAt(forms.value, 0);
    return { degrees, dms: of('dms'), turn: of('turn') };
  };

  const views: AngleView[] = [];
  for (const tree of anglesOf(reading.value.tree)) {
    const value = evaluate(tree, context);
    if (!value.ok || !isReal(value.value)) continue;
    const facts = angleFacts(value.value, request.angle, context);
    if (facts === null) continue;
    const { quadrant, isOnAxis, turn } = facts;
    const [angle, coterminal, reference] = [facts.angle, facts.coterminal, facts.reference].map(inForms);
    if (!angle || !coterminal || !reference) continue;
    const text = printText(tree, { style: 'reading', decimalSign, impliedFirst: request.impliedFirst });
    const toAxis = facts.toAxis && inForms(facts.toAxis);
    if (!views.some((v) => v.text === text))
      views.push({ text, angle, coterminal, reference, toAxis, quadrant, isOnAxis, turn });
  }
  return succeed(views);
}
