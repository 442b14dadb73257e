// Every small change that could be made to the outbox and to the lesson in the browser, as a list.
import { readdirSync, readFileSync } from 'node:fs';
import ts from 'typescript';

const ROOMS = ['outbox', 'lesson'];
const K = ts.SyntaxKind;
const TURNED = new Map([
    [K.LessThanToken, '<='],
    [K.LessThanEqualsToken, '<'],
    [K.GreaterThanToken, '>='],
    [K.GreaterThanEqualsToken, '>'],
    [K.EqualsEqualsEqualsToken, '!=='],
    [K.ExclamationEqualsEqualsToken, '==='],
    [K.PlusToken, '-'],
    [K.MinusToken, '+'],
    [K.AsteriskToken, '/'],
    [K.SlashToken, '*'],
    [K.AmpersandAmpersandToken, '||'],
    [K.BarBarToken, '&&'],
]);

const found = [];
const files = ROOMS.flatMap((room) => readdirSync(`resources/${room}`).map((name) => `resources/${room}/${name}`));
for (const file of files.filter((name) => /(?<!\.test)\.tsx?$/.test(name)).sort()) {
    const code = readFileSync(file, 'utf8');
    const source = ts.createSourceFile(file, code, ts.ScriptTarget.Latest, true, file.endsWith('x') ? ts.ScriptKind.TSX : ts.ScriptKind.TS);
    // Places of a JavaScript string are no places of its bytes.
    const bytes = (at) => Buffer.byteLength(code.slice(0, at));
    const add = (node, from, to, becomes) =>
        found.push({
            file,
            line: source.getLineAndCharacterOfPosition(from).line + 1,
            from: bytes(from),
            to: bytes(to),
            was: node.getText().replace(/\s+/g, ' ').slice(0, 90),
            becomes,
        });
    const visit = (node) => {
        // How it looks is not what is tried here, nor are the types.
        if (ts.isTypeNode(node) || ts.isImportDeclaration(node)) return;
        if (ts.isJsxAttribute(node) && /^(className|style|d|viewBox)$/.test(node.name.getText())) return;
        const whole = (becomes) => add(node, node.getStart(), node.getEnd(), becomes);
        if (ts.isBinaryExpression(node)) {
            const sign = node.operatorToken;
            if (TURNED.has(sign.kind)) add(node, sign.getStart(), sign.getEnd(), TURNED.get(sign.kind));
            if (sign.kind === K.QuestionQuestionToken) whole(`(${node.right.getText()})`);
        } else if (ts.isPrefixUnaryExpression(node) && (node.operator === K.ExclamationToken || node.operator === K.MinusToken)) {
            whole(node.operand.getText());
        } else if (ts.isNumericLiteral(node)) {
            whole(String(Number(node.text) + 1));
        } else if (node.kind === K.TrueKeyword || node.kind === K.FalseKeyword) {
            whole(node.kind === K.TrueKeyword ? 'false' : 'true');
        } else if (ts.isConditionalExpression(node)) {
            whole(`(${node.condition.getText()} ? ${node.whenFalse.getText()} : ${node.whenTrue.getText()})`);
        }
        ts.forEachChild(node, visit);
    };
    visit(source);
}
console.log(JSON.stringify(found));
