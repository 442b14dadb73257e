<?php

declare(strict_types=1);

namespace LowPoint\Bench\Mutation;

use PhpParser\Node;
use PhpParser\Node\Expr;
use PhpParser\Node\Scalar;
use PhpParser\NodeVisitor;
use PhpParser\NodeVisitorAbstract;

/** Collects every small change that could be made to a file: each operator turned, each condition and each figure changed. */
final class Mutants extends NodeVisitorAbstract
{
    private const TURNED = [
        '<' => '<=',
        '<=' => '<',
        '>' => '>=',
        '>=' => '>',
        '===' => '!==',
        '!==' => '===',
        '+' => '-',
        '-' => '+',
        '*' => '/',
        '/' => '*',
        '&&' => '||',
        '||' => '&&',
        '%' => '*',
    ];

    private const SWAPPED = [
        'min' => 'max',
        'max' => 'min',
        'floor' => 'ceil',
        'ceil' => 'floor',
        'exp' => 'log',
        'cos' => 'sin',
        'sin' => 'cos',
    ];

    /** @var list<Mutant> */
    public array $found = [];

    public function __construct(
        private readonly string $file,
        private readonly string $code,
    ) {}

    public function enterNode(Node $node): ?int
    {
        // Words are not what is tried here, nor are the types that the checker holds already.
        if ($node instanceof Node\Attribute || $node instanceof Expr\Throw_) {
            return NodeVisitor::DONT_TRAVERSE_CHILDREN;
        }
        if ($node instanceof Expr\BinaryOp) {
            $this->operator($node);
        } elseif ($node instanceof Expr\UnaryMinus) {
            $this->replace($node, substr($this->of($node), 1));
        } elseif ($node instanceof Expr\BooleanNot) {
            $this->replace($node, $this->of($node->expr));
        } elseif ($node instanceof Scalar\Int_ || $node instanceof Scalar\Float_) {
            $this->figure($node);
        } elseif ($node instanceof Expr\ConstFetch && \in_array($node->name->toLowerString(), ['true', 'false'], true)) {
            $this->replace($node, $node->name->toLowerString() === 'true' ? 'false' : 'true');
        } elseif (
            $node instanceof Expr\FuncCall
            && $node->name instanceof Node\Name
            && isset(self::SWAPPED[$node->name->toLowerString()])
        ) {
            $this->replace($node->name, self::SWAPPED[$node->name->toLowerString()]);
        } elseif ($node instanceof Expr\Ternary && $node->if !== null) {
            $this->replace($node, "({$this->of($node->cond)} ? {$this->of($node->else)} : {$this->of($node->if)})");
        }

        return null;
    }

    private function operator(Expr\BinaryOp $node): void
    {
        $sign = $node->getOperatorSigil();
        $between = substr(
            $this->code,
            $node->left->getEndFilePos() + 1,
            $node->right->getStartFilePos() - $node->left->getEndFilePos() - 1,
        );
        $at = strpos($between, $sign);
        if (isset(self::TURNED[$sign]) && $at !== false) {
            $from = $node->left->getEndFilePos() + 1 + $at;
            $this->add($node, $from, $from + \strlen($sign), $this->of($node), self::TURNED[$sign]);
        } elseif ($node instanceof Expr\BinaryOp\Coalesce) {
            $this->replace($node, "({$this->of($node->right)})");
        }
    }

    private function figure(Scalar\Int_|Scalar\Float_ $node): void
    {
        $this->replace(
            $node,
            (string) ($node instanceof Scalar\Int_ ? $node->value + 1 : ($node->value === 0.0 ? 1.0 : $node->value * 1.25)),
        );
    }

    private function replace(Node $node, string $by): void
    {
        $this->add($node, $node->getStartFilePos(), $node->getEndFilePos() + 1, $this->of($node), $by);
    }

    private function add(Node $node, int $from, int $to, string $was, string $becomes): void
    {
        $short = (string) preg_replace('/\s+/', ' ', $was);
        $this->found[] = new Mutant($this->file, $node->getStartLine(), $from, $to, mb_strimwidth($short, 0, 90, '...'), $becomes);
    }

    private function of(Node $node): string
    {
        return substr($this->code, $node->getStartFilePos(), $node->getEndFilePos() - $node->getStartFilePos() + 1);
    }
}
