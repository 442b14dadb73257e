import js from '@eslint/js';
import i18next from 'eslint-plugin-i18next';
import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

const JOB = 'is a rule of the job: the core has it, the API sends it (docs/map.md).';

/** What only the core may know: its closed lists by name, and figures to judge by. */
const rulesOfTheJob = [
    { selector: 'Literal[value=/^(chip|pitch|bunker)$/]', message: `A shot by name ${JOB}` },
    {
        selector:
            'Literal[value=/^(tight|fairway|light_rough|ball_down|soft_wet|sand_soft|sand_medium|sand_firm|sand_thin|sand_plugged)$/]',
        message: `A lie by name ${JOB}`,
    },
    { selector: 'ArrayExpression > Literal[value=/^(count|streak|ladder|grass|mat)$/]', message: `A closed list ${JOB}` },
    { selector: 'Literal[value=/^(clean|splash|heavy|chunk|thin|topped|hosel|left-in|picked)$/]', message: `A strike by name ${JOB}` },
    {
        selector:
            'BinaryExpression[operator=/^[<>]=?$/] > MemberExpression[property.name=/^(probability|odds|gain|prior|rate|share|good_rate)$/]',
        message: `A threshold ${JOB}`,
    },
    {
        selector: 'CallExpression[callee.property.name="slice"][callee.object.property.name=/^(causes|for|against|drills)$/]',
        message: `How many are told ${JOB}`,
    },
];

export default tseslint.config(
    js.configs.recommended,
    ...tseslint.configs.strict,
    {
        plugins: { 'react-hooks': hooks },
        // The plugin's other rules run the React Compiler, which the build does not: three quarters of the time of the whole check.
        rules: {
            'react-hooks/rules-of-hooks': 'error',
            'react-hooks/exhaustive-deps': 'error',
            '@typescript-eslint/no-explicit-any': 'error',
        },
    },
    { ignores: ['**/*.gen.ts'] },
    {
        files: ['resources/**/*.tsx'],
        ignores: ['**/*.test.tsx'],
        rules: { 'max-lines-per-function': ['error', { max: 125, skipBlankLines: true, skipComments: true }] },
    },
    {
        // What a student reads is said in his language: no sentence stands in the code alone.
        files: ['resources/{share,practice}/**/*.tsx'],
        ignores: ['**/*.test.tsx', 'resources/practice/{Links,PlanForm,PracticePage}.tsx'],
        plugins: { i18next },
        rules: {
            'i18next/no-literal-string': [
                'error',
                {
                    mode: 'jsx-only',
                    callees: { exclude: ['^t$', 'shown.*'] },
                    'jsx-attributes': { include: ['aria-label', 'alt', 'label', 'big', 'small', 'asks', 'one', 'title'] },
                },
            ],
        },
    },
    {
        files: ['resources/**/*.{ts,tsx}'],
        ignores: ['**/*.test.{ts,tsx}', 'resources/test/**'],
        rules: { 'no-restricted-syntax': ['error', ...rulesOfTheJob] },
    },
);
