<?php

namespace Tools\Words;

use PhpParser\Node;
use PhpParser\NodeTraverser;
use PhpParser\NodeVisitorAbstract;

/** The strings of one PHP file that are sentences or names, without keys, patterns, queries or marks of a drawing. */
final class SaidLiterals extends NodeVisitorAbstract
{
    private const IS_TEXT = '/\p{L}{2,}[^\p{L}]*\s.*\p{L}/u';

    /** Queries, patterns, paths of a drawing, headers, styles, signatures of commands. */
    private const IS_DATA = '~\(\?|\\\\[dpsw]|^/.*/\w*$|%\.\d[fF]|%\d\$\.|charset=|=>|::|\{--|PRAGMA|TRANSACTION'
        .'|\b(?:select|count|sum|max|min|coalesce|group_concat|substr|strftime)\(|\b(?:kits|cards|sheets|components)\.\w+'
        .'| (?:is null|desc|and state|as ids|as n|as month|as scraps|\+ 1|= \?)\b|-src |max-age|Content-|Cache-|mm" |font-|MAP \*|U\+0~u';

    /** @var array<string, Text> by what it says */
    private array $texts = [];

    public function __construct(private readonly string $file)
    {
    }

    /** @return list<Text> */
    public function texts(): array
    {
        return array_values($this->texts);
    }

    public function enterNode(Node $node): ?int
    {
        if ($node instanceof Node\Attribute) {
            return NodeTraverser::DONT_TRAVERSE_CHILDREN;
        }
        if ($node instanceof Node\Scalar\String_) {
            $this->add($node->value, $node->getStartLine());
        }
        if ($node instanceof Node\Scalar\InterpolatedString) {
            $this->add(self::withGaps($node), $node->getStartLine());
        }
        if ($node instanceof Node\Expr\BinaryOp\Concat) {
            $this->joined($node);
        }

        return null;
    }

    /** A sentence over several lines is one text. */
    private function joined(Node\Expr\BinaryOp\Concat $node): void
    {
        $says = '';
        $parts = [$node];
        while ($parts !== []) {
            $part = array_pop($parts);
            if ($part instanceof Node\Expr\BinaryOp\Concat) {
                array_push($parts, $part->right, $part->left);

                continue;
            }
            $says .= match (true) {
                $part instanceof Node\Scalar\String_ => $part->value,
                $part instanceof Node\Scalar\InterpolatedString => self::withGaps($part),
                default => '{}',
            };
        }
        $this->add($says, $node->getStartLine());
    }

    private static function withGaps(Node\Scalar\InterpolatedString $string): string
    {
        return implode('', array_map(
            static fn (Node $part): string => $part instanceof Node\InterpolatedStringPart ? $part->value : '{}',
            $string->parts,
        ));
    }

    private function add(string $says, int $line): void
    {
        $said = trim(preg_replace(['/%\d*\$?[sd]/', '/[ \t]+/'], ['{}', ' '], $says) ?? $says);
        if (preg_match(self::IS_TEXT, $said) !== 1 || preg_match(self::IS_DATA, $says) === 1) {
            return;
        }
        foreach ($this->texts as $other => $_) {
            if (str_contains((string) $other, $said)) {
                return;
            }
        }
        $this->texts[$said] = new Text($said, $this->file, $line);
    }
}
