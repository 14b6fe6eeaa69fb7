/** One observation: evidence, whether it was a break, and how much it counts. */
export interface Observation {
  readonly evidence: Float32Array;
  readonly isBreak: boolean;
  readonly weight: number;
}

export interface Fitted {
  readonly bias: number;
  readonly weights: ArrayLike<number>;
}

const ROUNDS = 40;
const STILL = 1e-6;

/**
 * Logistic regression by Newton's method (iteratively reweighted least squares), with a ridge that pulls each weight but the
 * bias towards its prior. The ridge is in observations: about how many it takes to outvote it.
 */
export function fitLogistic(observations: readonly Observation[], ridge: number, priors: readonly number[]): Fitted {
  const size = (observations[0]?.evidence.length ?? 0) + 1;
  let parameters = Float64Array.from([0, ...priors]);
  for (let round = 0; round < ROUNDS; round++) {
    const gradient = new Float64Array(size);
    const hessian = Array.from({ length: size }, () => new Float64Array(size));
    for (const { evidence, isBreak, weight } of observations) {
      const row = Float64Array.from([1, ...evidence]);
      const p = probabilityOf(parameters, row);
      const pull = weight * ((isBreak ? 1 : 0) - p);
      const stiffness = weight * Math.max(1e-6, p * (1 - p));
      for (let i = 0; i < size; i++) {
        if (row[i] === 0) continue;
        gradient[i]! += pull * row[i]!;
        for (let j = 0; j < size; j++) hessian[i]![j]! += stiffness * row[i]! * row[j]!;
      }
    }
    for (let i = 1; i < size; i++) {
      gradient[i]! -= ridge * (parameters[i]! - (priors[i - 1] ?? 0));
      hessian[i]![i]! += ridge;
    }
    hessian[0]![0]! += 1e-9;
    const step = solve(hessian, gradient);
    parameters = parameters.map((value, i) => value + step[i]!);
    if (Math.max(...step.map(Math.abs)) < STILL) break;
  }
  return { bias: parameters[0]!, weights: parameters.slice(1) };
}

/** The log odds of a break that a fitted model gives. */
export function logOdds({ bias, weights }: Fitted, evidence: Float32Array): number {
  return evidence.reduce((odds, value, at) => odds + weights[at]! * value, bias);
}

function probabilityOf(parameters: Float64Array, row: Float64Array): number {
  let odds = 0;
  for (let i = 0; i < row.length; i++) odds += parameters[i]! * row[i]!;
  return 1 / (1 + Math.exp(-odds));
}

/** Solves a symmetric positive definite system by Gauss's elimination with pivots. */
function solve(matrix: readonly Float64Array[], right: Float64Array): Float64Array {
  const rows = matrix.map((row, i) => Float64Array.from([...row, right[i]!]));
  const size = rows.length;
  for (let column = 0; column < size; column++) {
    let pivot = column;
    for (let row = column + 1; row < size; row++)
      if (Math.abs(rows[row]![column]!) > Math.abs(rows[pivot]![column]!)) pivot = row;
    [rows[column], rows[pivot]] = [rows[pivot]!, rows[column]!];
    for (let row = column + 1; row < size; row++) {
      const factor = rows[row]![column]! / rows[column]![column]!;
      if (factor === 0) continue;
      for (let i = column; i <= size; i++) rows[row]![i]! -= factor * rows[column]![i]!;
    }
  }
  const solution = new Float64Array(size);
  for (let row = size - 1; row >= 0; row--) {
    let sum = rows[row]![size]!;
    for (let i = row + 1; i < size; i++) sum -= rows[row]![i]! * solution[i]!;
    solution[row] = sum / rows[row]![row]!;
  }
  return solution;
}
