<?php

namespace Tools\Words;

use Illuminate\Support\Facades\File;
use League\CommonMark\Environment\Environment;
use League\CommonMark\Extension\CommonMark\CommonMarkCoreExtension;
use League\CommonMark\Extension\CommonMark\Node\Block\Heading;
use League\CommonMark\Extension\CommonMark\Node\Inline\Code;
use League\CommonMark\Extension\Table\TableCell;
use League\CommonMark\Extension\Table\TableExtension;
use League\CommonMark\Node\Block\AbstractBlock;
use League\CommonMark\Node\Block\Paragraph;
use League\CommonMark\Node\Inline\Newline;
use League\CommonMark\Node\Inline\Text as Words;
use League\CommonMark\Node\Node;
use League\CommonMark\Parser\MarkdownParser;

/** The texts of the documents: each paragraph, heading, item or cell. Blocks of code are left out. */
final class DocTexts
{
    private const FOLDERS = ['docs', 'docs/guide', 'docs/formats'];

    private const OF_PROJECT = ['README.md', 'CONTRIBUTING.md'];

    /** @return list<Text> */
    public static function all(): array
    {
        $environment = new Environment;
        $environment->addExtension(new CommonMarkCoreExtension)->addExtension(new TableExtension);
        $parser = new MarkdownParser($environment);
        $texts = [];
        foreach (self::files() as $file) {
            foreach ($parser->parse(File::get(base_path($file)))->iterator() as $node) {
                if ($node instanceof Paragraph || $node instanceof Heading || $node instanceof TableCell) {
                    $texts[] = new Text(self::said($node), $file, $node->getStartLine() ?? 0);
                }
            }
        }

        return array_values(array_filter($texts, static fn (Text $text): bool => $text->says !== ''));
    }

    /** @return list<string> */
    private static function files(): array
    {
        $files = self::OF_PROJECT;
        foreach (self::FOLDERS as $folder) {
            foreach (File::glob(base_path("$folder/*.md")) as $path) {
                $files[] = "$folder/".basename($path);
            }
        }

        return $files;
    }

    private static function said(AbstractBlock $block): string
    {
        $said = '';
        foreach ($block->iterator() as $node) {
            $said .= self::word($node);
        }

        return trim($said);
    }

    private static function word(Node $node): string
    {
        return match (true) {
            $node instanceof Words => $node->getLiteral(),
            // A name in code counts as one word.
            $node instanceof Code => '{}',
            $node instanceof Newline => ' ',
            default => '',
        };
    }
}
