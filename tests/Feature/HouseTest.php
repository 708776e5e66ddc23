<?php

namespace Tests\Feature;

use App\Frame\Rooms;
use App\Frame\StagePage;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Route;
use Symfony\Component\Finder\SplFileInfo;
use Tests\Browser\EveryPageTest;
use Tools\Commands\PressBenchCommand;
use Tools\Docs\ArrowsDocument;
use Tools\Props\PropsFile;

/** Promises about the code itself: its arrows, lines, names, colours, and its contract with the pages. */
final class HouseTest extends FeatureTestCase
{
    private const WIDEST = 140;

    public function test_no_two_folders_need_each_other(): void
    {
        foreach (ArrowsDocument::all() as $arrows) {
            self::assertSame([], $arrows->circle(), implode(' needs ', $arrows->circle()));
        }
    }

    public function test_the_arrows_in_the_document_are_those_of_the_code(): void
    {
        $document = File::get(ArrowsDocument::path());
        self::assertStringContainsString('<!-- arrows', $document);
        self::assertSame(ArrowsDocument::written(), $document, 'run php artisan docs:arrows');
    }

    public function test_what_the_pages_are_given_is_what_the_interface_was_told(): void
    {
        self::assertSame(PropsFile::written(), File::get(PropsFile::path()), 'run php artisan props:types');
    }

    public function test_lines_are_read_down_and_not_across(): void
    {
        $wide = [];
        foreach ($this->sources(['app', 'core', 'database', 'routes', 'tests', 'tools'], 'php') as $file) {
            foreach (explode("\n", $file->getContents()) as $n => $line) {
                if (mb_strlen($line) > self::WIDEST) {
                    $wide[] = $file->getRealPath().':'.($n + 1);
                }
            }
        }
        self::assertSame([], $wide);
    }

    public function test_no_two_classes_have_one_name(): void
    {
        // The record of a thing has the name of the thing in the core.
        $records = array_map(static fn (SplFileInfo $file): string => $file->getBasename('.php'), File::files(app_path('Models')));
        $sources = $this->sources(['app', 'core', 'tools'], 'php');
        $names = array_map(static fn (SplFileInfo $file): string => $file->getBasename('.php'), $sources);
        $twice = array_keys(array_filter(array_count_values($names), static fn (int $times): bool => $times > 1));
        self::assertSame([], array_values(array_diff($twice, $records)));
    }

    public function test_the_addresses_can_be_put_in_order_beforehand(): void
    {
        foreach (Route::getRoutes()->getRoutes() as $route) {
            self::assertContainsOnly('string', $route->defaults, true, "what {$route->uri()} names cannot be written to a file");
        }
    }

    public function test_no_page_of_a_kit_is_left_out_where_they_are_looked_at_by_all(): void
    {
        $paths = array_map(static fn (StagePage $page): string => $page->path, Rooms::pages());
        $seen = [...EveryPageTest::OF_A_KIT, ...EveryPageTest::LIKE_OTHERS];
        sort($paths);
        sort($seen);
        self::assertSame($paths, $seen);
    }

    public function test_the_grid_is_timed_as_its_page_asks_for_it(): void
    {
        $acts = File::get(resource_path('js/ShareOut/grid/acts.ts'));
        $later = "'".implode("', '", PressBenchCommand::LATER)."'";
        self::assertStringContainsString("AFTER_CELLS = [$later]", $acts);
    }

    public function test_no_key_does_two_things_on_a_page(): void
    {
        $keys = static function (string $source): array {
            preg_match_all("/\\bkey: '([^']+)'/", $source, $found);

            return $found[1];
        };
        $frame = $keys(File::get(resource_path('js/parts/Frame.svelte')));
        self::assertContains('e', $frame);
        $twice = [];
        foreach ($this->sources(['resources/js'], 'svelte') as $file) {
            if (! self::isPage($file->getFilename())) {
                continue;
            }
            $times = array_count_values([...$frame, ...$keys($file->getContents())]);
            foreach (array_keys(array_filter($times, static fn (int $many): bool => $many > 1)) as $key) {
                $twice[] = "{$file->getFilename()}: $key";
            }
        }
        self::assertSame([], $twice);
    }

    public function test_colours_are_in_the_tokens_only(): void
    {
        $found = [];
        foreach ($this->sources(['resources/js'], 'svelte') as $file) {
            $style = explode('<style>', $file->getContents())[1] ?? '';
            if (preg_match('/#[0-9a-f]{3,8}\b|rgba?\(|hsla?\(/i', $style, $colour) === 1) {
                $found[$file->getFilename()] = $colour[0];
            }
        }
        self::assertSame([], $found);
    }

    public function test_components_of_the_interface_are_no_longer_than_a_job(): void
    {
        foreach ($this->sources(['resources/js'], 'svelte') as $file) {
            self::assertLessThanOrEqual(350, substr_count($file->getContents(), "\n"), $file->getFilename());
        }
    }

    private static function isPage(string $path): bool
    {
        return str_ends_with($path, 'Page.svelte');
    }

    /**
     * @param  list<string>  $folders
     * @return list<SplFileInfo>
     */
    private function sources(array $folders, string $ending): array
    {
        $files = array_merge(...array_map(static fn (string $folder): array => File::allFiles(base_path($folder)), $folders));

        return array_values(array_filter($files, static fn (SplFileInfo $file): bool => $file->getExtension() === $ending));
    }

    /** What is loaded with the first page, whichever it is. */
    public function test_no_page_brings_more_script_than_a_hundred_kilobytes(): void
    {
        /** @var array<string, array{file: string, imports?: list<string>}> $manifest */
        $manifest = json_decode(File::get(public_path('build/manifest.json')), true, flags: JSON_THROW_ON_ERROR);
        $pages = array_filter(array_keys($manifest), self::isPage(...));
        self::assertGreaterThan(40, count($pages));
        foreach ($pages as $page) {
            $wants = ['resources/js/app.ts', $page];
            $sizes = [];
            while (($part = array_pop($wants)) !== null) {
                $sizes[$part] ??= strlen((string) gzencode(File::get(public_path("build/{$manifest[$part]['file']}"))));
                array_push($wants, ...array_diff($manifest[$part]['imports'] ?? [], array_keys($sizes)));
            }
            self::assertLessThan(100_000, array_sum($sizes), $page);
        }
    }
}
