<?php

declare(strict_types=1);

namespace App\Contract;

use LowPoint\Core\Records\Schema;
use LowPoint\Core\Records\Shape;
use PHPStan\PhpDocParser\Ast\Attribute;
use PHPStan\PhpDocParser\Ast\Comment;
use PHPStan\PhpDocParser\Ast\ConstExpr\ConstExprFloatNode;
use PHPStan\PhpDocParser\Ast\ConstExpr\ConstExprIntegerNode;
use PHPStan\PhpDocParser\Ast\ConstExpr\ConstExprStringNode;
use PHPStan\PhpDocParser\Ast\Node;
use PHPStan\PhpDocParser\Ast\PhpDoc\TypeAliasTagValueNode;
use PHPStan\PhpDocParser\Ast\Type\ArrayShapeItemNode;
use PHPStan\PhpDocParser\Ast\Type\ArrayShapeNode;
use PHPStan\PhpDocParser\Ast\Type\ConstTypeNode;
use PHPStan\PhpDocParser\Ast\Type\GenericTypeNode;
use PHPStan\PhpDocParser\Ast\Type\IdentifierTypeNode;
use PHPStan\PhpDocParser\Ast\Type\NullableTypeNode;
use PHPStan\PhpDocParser\Ast\Type\TypeNode;
use PHPStan\PhpDocParser\Ast\Type\UnionTypeNode;
use PHPStan\PhpDocParser\Lexer\Lexer;
use PHPStan\PhpDocParser\Parser\ConstExprParser;
use PHPStan\PhpDocParser\Parser\PhpDocParser;
use PHPStan\PhpDocParser\Parser\TokenIterator;
use PHPStan\PhpDocParser\Parser\TypeParser;
use PHPStan\PhpDocParser\ParserConfig;
use Symfony\Component\Finder\Finder;

/**
 * The shapes declared in docblocks (`@phpstan-type`, names ending in Shape), as JSON Schemas. What a shape says of an answer
 * is checked three times: by the type checker where it is made, by the contract tests where it is sent, and by the browser's
 * types where it is read.
 */
final class Shapes
{
    private const SUFFIX = 'Shape';

    /** @var array<string, TypeNode> by name, in order of name */
    private array $types = [];

    /** @var array<string, class-string<\BackedEnum>> by short name */
    private array $enums = [];

    /** @var array<string, class-string> records by short name */
    private array $records = [];

    /** @var array<class-string, Schema> of records */
    private array $told = [];

    /** @param list<string> $folders */
    public function __construct(array $folders)
    {
        $config = new ParserConfig(['comments' => true]);
        $constants = new ConstExprParser($config);
        $parser = new PhpDocParser($config, new TypeParser($config, $constants), $constants);
        $lexer = new Lexer($config);
        foreach (Finder::create()->files()->name('*.php')->in($folders) as $file) {
            $code = $file->getContents();
            if (preg_match('/^namespace ([\w\\\\]+);.*^enum (\w+): /ms', $code, $named) === 1) {
                /** @var class-string<\BackedEnum> $enum */
                $enum = "{$named[1]}\\{$named[2]}";
                $this->enums[$named[2]] = $enum;
            }
            if (preg_match('/^namespace ([\w\\\\]+);.*^#\[Schema\(.*^final readonly class (\w+)/ms', $code, $named) === 1) {
                /** @var class-string $record */
                $record = "{$named[1]}\\{$named[2]}";
                $this->records[$named[2]] = $record;
                $this->told[$record] = (new \ReflectionClass($record))->getAttributes(Schema::class)[0]->newInstance();
            }
            preg_match_all('~/\*\*.*?\*/~s', str_contains($code, '@phpstan-type') ? $code : '', $blocks);
            foreach ($blocks[0] as $block) {
                foreach ($parser->parse(new TokenIterator($lexer->tokenize($block)))->getTags() as $tag) {
                    // Types of another name are for one class alone.
                    if ($tag->value instanceof TypeAliasTagValueNode && str_ends_with($tag->value->alias, self::SUFFIX)) {
                        isset($this->types[$tag->value->alias])
                            && throw new \LogicException(
                                "The shape {$tag->value->alias} is declared twice, the second time in {$file->getRelativePathname()}.",
                            );
                        $this->types[$tag->value->alias] = $tag->value->type;
                    }
                }
            }
        }
        ksort($this->types);
    }

    public function has(string $shape): bool
    {
        return isset($this->types[$shape]);
    }

    /** @return array{'$ref': string} */
    public function ref(string $shape): array
    {
        $this->has($shape) || throw new \LogicException("No docblock declares the shape {$shape}.");

        return ['$ref' => '#/components/schemas/'.self::name($shape)];
    }

    /** @return array<string, array<string, mixed>> by the name of the schema */
    public function schemas(): array
    {
        $schemas = [];
        foreach ($this->types as $name => $type) {
            $schemas[self::name($name)] = $this->schema($type);
        }
        foreach ($this->told as $record => $told) {
            $schemas[$told->name] = (new Shape($this->named(...), $told->nulls))->of($record) + self::about($record);
        }
        ksort($schemas);

        return $schemas;
    }

    /** @return list<class-string> that the contract tells by name */
    public function records(): array
    {
        return array_keys($this->told);
    }

    /**
     * @param  class-string  $record
     * @return array<string, mixed>
     */
    public function record(string $record): array
    {
        return (new Shape($this->named(...)))->refTo($record);
    }

    /**
     * A record or a shape, by its class or its name in the contract.
     *
     * @return array<string, mixed>|null null = it has none
     */
    private function named(string $what): ?array
    {
        return match (true) {
            isset($this->told[$what]) => ['$ref' => '#/components/schemas/'.$this->told[$what]->name],
            class_exists($what) => null,
            default => $this->ref($what.self::SUFFIX),
        };
    }

    /**
     * @param  class-string  $record
     * @return array{description?: string}
     */
    private static function about(string $record): array
    {
        $said = (string) (new \ReflectionClass($record))->getDocComment();
        $text = (string) preg_replace(['~^/\*\*|\*/$~', '~^\s*\*\s?~m', '~@\w.*~s'], '', $said);
        $text = trim((string) preg_replace('/\s+/', ' ', $text));

        return $text === '' ? [] : ['description' => $text];
    }

    private static function name(string $shape): string
    {
        return substr($shape, 0, -\strlen(self::SUFFIX));
    }

    /** @return array<string, mixed> */
    private function schema(TypeNode $type): array
    {
        return match (true) {
            $type instanceof ArrayShapeNode => $this->ofArrayShape($type),
            $type instanceof NullableTypeNode => $this->orNull($this->schema($type->type)),
            $type instanceof UnionTypeNode => $this->ofUnion($type),
            $type instanceof ConstTypeNode => ['const' => self::constant($type)],
            $type instanceof GenericTypeNode => $this->ofGeneric($type),
            $type instanceof IdentifierTypeNode => $this->ofIdentifier($type->name),
            default => throw new \LogicException("No schema is known for the type {$type}."),
        };
    }

    /** @return array<string, mixed> */
    private function ofIdentifier(string $name): array
    {
        return match ($name) {
            'string', 'non-empty-string' => ['type' => 'string'],
            'int' => ['type' => 'integer'],
            'float' => ['type' => 'number'],
            'bool' => ['type' => 'boolean'],
            'true' => ['const' => true],
            'false' => ['const' => false],
            'null' => ['type' => 'null'],
            'mixed' => ['description' => 'Anything.'],
            default => isset($this->records[$name]) ? $this->record($this->records[$name]) : $this->ref($name),
        };
    }

    /** @return array<string, mixed> */
    private function ofGeneric(GenericTypeNode $type): array
    {
        $inner = $type->genericTypes;

        return match ((string) $type->type) {
            'list' => ['type' => 'array', 'items' => $this->schema($inner[0])],
            'array' => ['type' => 'object', 'additionalProperties' => $this->schema($inner[1])],
            'int' => ['type' => 'integer', 'minimum' => (int) (string) $inner[0], 'maximum' => (int) (string) $inner[1]],
            'value-of' => self::enum(array_column($this->enums[ltrim((string) $inner[0], '\\')]::cases(), 'value')),
            default => throw new \LogicException("No schema is known for the type {$type}."),
        };
    }

    /** @return array<string, mixed> */
    private function ofArrayShape(ArrayShapeNode $shape): array
    {
        if ($shape->items !== [] && $shape->items[0]->keyName === null) {
            $items = array_map(fn(ArrayShapeItemNode $item): array => $this->schema($item->valueType), $shape->items);

            return ['type' => 'array', 'prefixItems' => $items, 'minItems' => \count($items), 'maxItems' => \count($items)];
        }
        $properties = $required = [];
        foreach ($shape->items as $item) {
            $key = $item->keyName instanceof ConstExprStringNode ? $item->keyName->value : (string) $item->keyName;
            $properties[$key] = $this->schema($item->valueType) + self::description($item);
            if (! $item->optional) {
                $required[] = $key;
            }
        }

        return ['type' => 'object', 'properties' => $properties, 'required' => $required, 'additionalProperties' => false];
    }

    /**
     * The comment above the item, which the parser hangs on whatever of it comes first.
     *
     * @return array{description?: string}
     */
    private static function description(ArrayShapeItemNode $item): array
    {
        $comments = array_merge(
            ...array_map(static fn(?Node $node): array => $node?->getAttribute(Attribute::COMMENTS) ?? [], [
                $item,
                $item->keyName,
                $item->valueType,
            ]),
        );
        $text = implode(' ', array_map(static fn(Comment $comment): string => ltrim($comment->text, '/ '), $comments));

        return $text === '' ? [] : ['description' => $text];
    }

    /**
     * @param  list<string|int|float>  $values
     * @return array<string, mixed>
     */
    private static function enum(array $values): array
    {
        return ['type' => array_filter($values, is_string(...)) === $values ? 'string' : 'number', 'enum' => $values];
    }

    /** @return array<string, mixed> */
    private function ofUnion(UnionTypeNode $type): array
    {
        $others = array_values(
            array_filter($type->types, static fn(TypeNode $one): bool => ! ($one instanceof IdentifierTypeNode) || $one->name !== 'null'),
        );
        if (array_filter($others, static fn(TypeNode $one): bool => ! ($one instanceof ConstTypeNode)) === []) {
            $schema = self::enum(array_map(self::constant(...), $others));
        } else {
            $schema = \count($others) > 1 ? ['anyOf' => array_map($this->schema(...), $others)] : $this->schema($others[0]);
        }

        return \count($others) === \count($type->types) ? $schema : $this->orNull($schema);
    }

    /**
     * @param  array<string, mixed>  $schema
     * @return array<string, mixed>
     */
    private function orNull(array $schema): array
    {
        return ['anyOf' => [...$schema['anyOf'] ?? [$schema], ['type' => 'null']]];
    }

    private static function constant(TypeNode $type): string|int|float
    {
        $value = $type instanceof ConstTypeNode ? $type->constExpr : null;

        return match (true) {
            $value instanceof ConstExprStringNode => $value->value,
            $value instanceof ConstExprIntegerNode => (int) $value->value,
            $value instanceof ConstExprFloatNode => (float) $value->value,
            default => throw new \LogicException("No schema is known for the constant {$type}."),
        };
    }
}
