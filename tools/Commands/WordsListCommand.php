<?php

namespace Tools\Commands;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\File;
use Tools\Words\AllTexts;
use Tools\Words\Text;

final class WordsListCommand extends Command
{
    protected $signature = 'words:list';

    protected $description = 'Write down every text that somebody can be shown, to be read in one place: build/words.txt';

    public function handle(): int
    {
        $texts = AllTexts::of();
        $lines = array_map(
            static fn (Text $text): string => "$text->from:$text->line\t".str_replace("\n", ' ', $text->says),
            $texts,
        );
        File::ensureDirectoryExists(base_path('build'));
        File::put(base_path('build/words.txt'), implode("\n", $lines)."\n");
        $this->line(count($texts).' texts are in '.base_path('build/words.txt').'.');

        return 0;
    }
}
