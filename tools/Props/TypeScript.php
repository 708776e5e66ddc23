<?php

namespace Tools\Props;

use LogicException;
use PHPStan\PhpDocParser\Ast\ConstExpr\ConstExprIntegerNode;
use PHPStan\PhpDocParser\Ast\ConstExpr\ConstExprStringNode;
use PHPStan\PhpDocParser\Ast\Type\ArrayShapeItemNode;
use PHPStan\PhpDocParser\Ast\Type\ArrayShapeNode;
use PHPStan\PhpDocParser\Ast\Type\CallableTypeNode;
use PHPStan\PhpDocParser\Ast\Type\ConstTypeNode;
use PHPStan\PhpDocParser\Ast\Type\GenericTypeNode;
use PHPStan\PhpDocParser\Ast\Type\IdentifierTypeNode;
use PHPStan\PhpDocParser\Ast\Type\NullableTypeNode;
use PHPStan\PhpDocParser\Ast\Type\TypeNode;
use PHPStan\PhpDocParser\Ast\Type\UnionTypeNode;

/** A PHP type from a docblock, in TypeScript, as it is after JSON. */
final class TypeScript
{
    private const PLAIN = [
        'int' => 'number',
        'float' => 'number',
        'string' => 'string',
        'bool' => 'boolean',
        'null' => 'null',
        'mixed' => 'unknown',
    ];

    /** @throws LogicException for what a page cannot be given */
    public static function of(TypeNode $type, string $indent = ''): string
    {
        return match (true) {
            $type instanceof IdentifierTypeNode => self::PLAIN[$type->name] ?? $type->name,
            $type instanceof NullableTypeNode => self::of($type->type, $indent).' | null',
            $type instanceof UnionTypeNode => implode(
                ' | ',
                array_map(static fn (TypeNode $one): string => self::of($one, $indent), $type->types),
            ),
            $type instanceof ConstTypeNode => self::constant($type),
            $type instanceof GenericTypeNode => self::generic($type, $indent),
            $type instanceof ArrayShapeNode => self::shape($type, $indent),
            // A closure is sent as its result.
            $type instanceof CallableTypeNode => self::of($type->returnType, $indent),
            default => throw new LogicException("A page cannot be given a $type."),
        };
    }

    private static function constant(ConstTypeNode $type): string
    {
        return match (true) {
            $type->constExpr instanceof ConstExprStringNode => "'{$type->constExpr->value}'",
            $type->constExpr instanceof ConstExprIntegerNode => $type->constExpr->value,
            default => throw new LogicException("A page cannot be given a $type."),
        };
    }

    private static function generic(GenericTypeNode $type, string $indent): string
    {
        $last = self::of($type->genericTypes[count($type->genericTypes) - 1], $indent);
        $isOneWord = preg_match('/^\w+$/', $last) === 1;

        return match ((string) $type->type) {
            'list', 'non-empty-list' => $isOneWord || str_starts_with($last, '{') ? "{$last}[]" : "({$last})[]",
            'array' => 'Record<'.self::of($type->genericTypes[0]).", $last>",
            default => throw new LogicException("A page cannot be given a $type."),
        };
    }

    private static function shape(ArrayShapeNode $type, string $indent): string
    {
        $deeper = "$indent    ";
        $lines = array_map(static fn (ArrayShapeItemNode $item): string => self::item($item, $deeper), $type->items);

        return "{\n".implode("\n", $lines)."\n$indent}";
    }

    private static function item(ArrayShapeItemNode $item, string $indent): string
    {
        $mark = $item->optional ? '?' : '';

        return "$indent$item->keyName$mark: ".self::of($item->valueType, $indent);
    }
}
