<?php

namespace Tools\Props;

use App\Frame\KitFrame;
use App\View\Page;
use BackedEnum;
use Illuminate\Support\Facades\File;
use LogicException;
use PHPStan\PhpDocParser\Ast\ConstExpr\ConstExprStringNode;
use PHPStan\PhpDocParser\Ast\PhpDoc\PhpDocNode;
use PHPStan\PhpDocParser\Ast\PhpDoc\TypeAliasImportTagValueNode;
use PHPStan\PhpDocParser\Ast\PhpDoc\TypeAliasTagValueNode;
use PHPStan\PhpDocParser\Ast\Type\ConstTypeNode;
use PHPStan\PhpDocParser\Ast\Type\GenericTypeNode;
use PHPStan\PhpDocParser\Ast\Type\IdentifierTypeNode;
use PHPStan\PhpDocParser\Ast\Type\TypeNode;
use PHPStan\PhpDocParser\Ast\Type\UnionTypeNode;
use PHPStan\PhpDocParser\Lexer\Lexer;
use PHPStan\PhpDocParser\Parser\ConstExprParser;
use PHPStan\PhpDocParser\Parser\PhpDocParser;
use PHPStan\PhpDocParser\Parser\TokenIterator;
use PHPStan\PhpDocParser\Parser\TypeParser;
use PHPStan\PhpDocParser\ParserConfig;
use ReflectionClass;
use ReflectionProperty;

/**
 * What the pages are sent, as TypeScript: an interface for every page, and one for every `@phpstan-type` that it uses.
 */
final class PropsFile
{
    private const HEAD = "// What the server sends. Made from the pages in app/ by `php artisan props:types`: change it there.\n"
        ."// Lengths are whole units of 1/8 micrometre unless a text says otherwise.\n";

    /** @var array<string, string> a declaration by its name */
    private array $declared = [];

    /** @var array<class-string, true> */
    private array $seen = [];

    private PhpDocParser $parser;

    private Lexer $lexer;

    private function __construct()
    {
        $config = new ParserConfig([]);
        $constants = new ConstExprParser($config);
        $this->lexer = new Lexer($config);
        $this->parser = new PhpDocParser($config, new TypeParser($config, $constants), $constants);
    }

    public static function path(): string
    {
        return resource_path('js/lib/props.ts');
    }

    /** @throws LogicException where two types have one name, or a page is given what cannot be sent */
    public static function written(): string
    {
        $file = new self;
        foreach (self::pages() as $page) {
            $file->page($page);
        }
        ksort($file->declared);

        return self::HEAD."\n".implode("\n\n", $file->declared)."\n";
    }

    /** @return list<class-string> */
    private static function pages(): array
    {
        $classes = array_map(
            static fn (string $path): string => 'App\\'.basename(dirname($path)).'\\'.basename($path, '.php'),
            File::glob(app_path('*/*Page.php')),
        );

        return [
            KitFrame::class,
            ...array_values(
                array_filter($classes, static fn (string $class): bool => is_subclass_of($class, Page::class)),
            ),
        ];
    }

    /** @param  class-string  $class */
    private function page(string $class): void
    {
        $this->types($class);
        $reflection = new ReflectionClass($class);
        $constructor = $reflection->getConstructor();
        $types = [];
        foreach ($this->parse((string) $constructor?->getDocComment())->getParamTagValues() as $param) {
            $types[ltrim($param->parameterName, '$')] = $this->resolved($param->type, $reflection);
        }
        $lines = [];
        foreach ($reflection->getProperties(ReflectionProperty::IS_PUBLIC) as $property) {
            $type = $types[$property->getName()] ?? new IdentifierTypeNode(ltrim((string) $property->getType(), '?'));
            $says = TypeScript::of($type, '    ');
            $isNull = ! isset($types[$property->getName()]) && $property->getType()?->allowsNull() === true;
            $lines[] = "    {$property->getName()}: $says".($isNull ? ' | null' : '');
        }
        $this->declare(class_basename($class), "export interface %s {\n".implode("\n", $lines)."\n}");
    }

    /**
     * The types that a class defines, and those it imports.
     *
     * @param  class-string  $class
     */
    private function types(string $class): void
    {
        if (isset($this->seen[$class])) {
            return;
        }
        $this->seen[$class] = true;
        $reflection = new ReflectionClass($class);
        $doc = $this->parse((string) $reflection->getDocComment());
        foreach ($doc->getTags() as $tag) {
            if ($tag->value instanceof TypeAliasImportTagValueNode) {
                $this->types(self::named((string) $tag->value->importedFrom, $reflection));
            }
            if ($tag->value instanceof TypeAliasTagValueNode) {
                $says = TypeScript::of($this->resolved($tag->value->type, $reflection));
                $this->declare(
                    $tag->value->alias,
                    str_starts_with($says, '{') && str_ends_with($says, "\n}")
                        ? "export interface %s $says"
                        : "export type %s = $says",
                );
            }
        }
    }

    private function declare(string $name, string $declaration): void
    {
        if (isset($this->declared[$name])) {
            throw new LogicException("Two types are called $name.");
        }
        $this->declared[$name] = sprintf($declaration, $name);
    }

    /**
     * `value-of<SomeEnum>` as the texts it can be.
     *
     * @param  ReflectionClass<object>  $in
     */
    private function resolved(TypeNode $type, ReflectionClass $in): TypeNode
    {
        foreach (get_object_vars($type) as $key => $inner) {
            if ($inner instanceof TypeNode) {
                $type->$key = $this->resolved($inner, $in);
            }
            foreach (is_array($inner) ? $inner : [] as $n => $one) {
                if ($one instanceof TypeNode) {
                    $type->$key[$n] = $this->resolved($one, $in);
                } elseif (isset($one->valueType)) {
                    $one->valueType = $this->resolved($one->valueType, $in);
                }
            }
        }
        if (! $type instanceof GenericTypeNode || (string) $type->type !== 'value-of') {
            return $type;
        }
        $enum = self::named((string) $type->genericTypes[0], $in);

        return new UnionTypeNode(
            array_map(
                static fn (BackedEnum $case): TypeNode => new ConstTypeNode(
                    new ConstExprStringNode((string) $case->value, ConstExprStringNode::SINGLE_QUOTED),
                ),
                is_subclass_of($enum, BackedEnum::class)
                    ? $enum::cases()
                    : throw new LogicException("$enum has no values."),
            ),
        );
    }

    /**
     * The name of a class in the file of another.
     *
     * @param  ReflectionClass<object>  $in
     * @return class-string
     */
    private static function named(string $name, ReflectionClass $in): string
    {
        preg_match('/^use ([\w\\\\]+\\\\'.$name.');$/m', File::get((string) $in->getFileName()), $found);
        $class = $found[1] ?? "{$in->getNamespaceName()}\\$name";

        return class_exists($class) ? $class : throw new LogicException("There is no $class.");
    }

    private function parse(string $doc): PhpDocNode
    {
        return $this->parser->parse(new TokenIterator($this->lexer->tokenize($doc === '' ? '/** */' : $doc)));
    }
}
