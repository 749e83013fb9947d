// What the fit of readings needs of ml-matrix: eigenvalues, statistics and views stay out of the worker (npm run bench).
export { default as CholeskyDecomposition } from '../node_modules/ml-matrix/src/dc/cholesky.js';
export { inverse } from '../node_modules/ml-matrix/src/decompositions.js';
export { default as Matrix } from '../node_modules/ml-matrix/src/matrix.js';
