<?php

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use RuntimeException;
use Tests\Browser\Support\Table;

/** Pages for everybody: at every size, in both themes, by finger and by ear. */
final class EveryPageTest extends BrowserTestCase
{
    /** A phone, a tablet held upright, a screen: width, height and whether it is touched. */
    private const SIZES = ['phone' => [390, 844, true], 'tablet' => [800, 1_180, true], 'screen' => [1_280, 943, false]];

    /** The room that is left at four times the size. */
    private const ENLARGED = [320, 235, false];

    /** What is wider than the page, and what is too small to be pressed. */
    private const LOOK = <<<'JS'
        const [least] = arguments
        const name = (e) => `${e.tagName.toLowerCase()} "${(e.innerText || e.getAttribute('aria-label') || '').trim().slice(0, 24)}"`
        const wide = [document.scrollingElement, document.querySelector('.page')]
            .filter((e) => e.scrollWidth > e.clientWidth + 1)
            .map((e) => `${e.className || 'the document'} is ${e.scrollWidth} px wide, there are ${e.clientWidth}`)
        const small = [...document.querySelectorAll('button, a[href], input, select, textarea, summary')]
            .filter((e) => e.checkVisibility({ visibilityProperty: true }) && !e.closest('.sr-only, .skip'))
            .map((e) => [e, (['checkbox', 'radio'].includes(e.type) && (e.closest('label') ?? e.labels?.[0]) || e).getBoundingClientRect()])
            .filter(([, r]) => r.width > 0 && (r.width < least - 0.5 || r.height < least - 0.5))
            .map(([e, r]) => `${name(e)} is ${Math.round(r.width)} × ${Math.round(r.height)} px`)
        return [...new Set([...wide, ...small])]
        JS;

    public const ABOVE_KITS = ['/', '/cards', '/people', '/people/occasions', '/gave', '/safe', '/tablet'];

    /** Pages of a kit that are looked at. */
    public const OF_A_KIT = [
        'unpack', 'count', 'add', 'photographs', 'check', 'about', 'looks/{component}', 'pair', 'share-out', 'arrange', 'share-out/next',
        'share-out/compare', 'sketches', 'sketches/new', 'arrangements', 'arrangements/new', 'recipes', 'recipes/make',
        'recipes/{recipe}/look', 'recipes/{recipe}/lay', 'folds', 'measures', 'cards/{card}', 'cut', 'class', 'class/{class}/look',
        'class/{class}/pack', 'make', 'make/table', 'make/cards/{card}', 'keep', 'keep/shopping', 'keep/scraps', 'tally', 'tally/cards',
        'tally/materials',
    ];

    /** Pages that are like another one, with something of the maker's own. */
    public const LIKE_OTHERS = ['sketches/{sketch}/change', 'arrangements/{arrangement}/change', 'photographs/{photograph}/look'];

    /** @return array<string, array{list<string>}> */
    public static function pages(): array
    {
        $ofKit = array_map(static fn (string $page): string => "/kits/1/$page", self::OF_A_KIT);

        return ['above kits' => [self::ABOVE_KITS], 'to folds' => [array_slice($ofKit, 0, 20)], 'to tally' => [array_slice($ofKit, 20)]];
    }

    /** @param  list<string>  $pages */
    #[DataProvider('pages')]
    #[Group(self::SHARED_OUT)]
    public function test_each_page_is_good_for_all(array $pages): void
    {
        $this->sharedOut();
        $this->open('/kits/1/class');
        $this->typeInto('#class-name', 'Tuesday');
        $this->press(WebDriverKeys::ENTER);
        $this->holds(1, 'select count(*) from classes');
        $records = [
            '{card}' => $this->table->value('select id from cards limit 1'),
            '{component}' => $this->table->value("select id from components where kind = 'paper' limit 1"),
            '{recipe}' => 'eighteen-from-six',
            '{class}' => 1,
        ];
        $this->assertGoodForAll(array_map(static fn (string $page): string => strtr($page, $records), $pages));
    }

    /** @param  list<string>  $pages */
    private function assertGoodForAll(array $pages): void
    {
        $faults = [];
        foreach ($pages as $path) {
            $this->sized(self::SIZES['screen']);
            $this->open($path);
            $this->element('#page');
            $this->settle();
            foreach (array_keys(self::SIZES) as $size) {
                $this->sized(self::SIZES[$size]);
                $found = [
                    ...$this->looked(self::SIZES[$size][2] ? 44 : 24),
                    // A phone says the same as a screen, and in the evening only the colours differ.
                    ...$size === 'screen' ? $this->heard('light') : [],
                    ...$size === 'phone' ? $this->heard('evening', ['color-contrast', 'aria-hidden-focus']) : [],
                ];
                array_push($faults, ...array_map(static fn (string $one): string => "$path, $size: $one", $found));
            }
            $this->sized(self::ENLARGED);
            array_push($faults, ...array_map(static fn (string $one): string => "$path, enlarged: $one", $this->looked(24)));
        }
        self::assertSame([], $faults);
        $this->assertQuiet();
    }

    /** @return list<string> */
    private function looked(int $least): array
    {
        $found = $this->browser->executeScript(self::LOOK, [$least]);

        return is_array($found) ? array_values(array_map(strval(...), $found)) : [];
    }

    /**
     * What axe finds.
     *
     * @param  list<string>  $rules  none: by all its rules
     * @return list<string>
     */
    private function heard(string $theme, array $rules = []): array
    {
        static $axe = null;
        $file = Table::root().'/node_modules/axe-core/axe.min.js';
        $axe ??= file_get_contents($file) ?: throw new RuntimeException('There is no axe-core.');
        $this->browser->executeScript("document.documentElement.dataset.theme = '$theme'; if (!window.axe) {{$axe}}");
        $found = $this->browser->executeAsyncScript(<<<'JS'
            const [rules, done] = arguments
            const only = rules.length > 0 ? { runOnly: rules } : {}
            const said = (id) => ({ target, html }) => `${id}: ${target} ${html.slice(0, 120)}`
            axe.run(document, { resultTypes: ['violations'], ...only }).then(({ violations }) =>
                done(violations.flatMap(({ id, nodes }) => nodes.slice(0, 3).map(said(id)))))
            JS, [$rules]);

        return is_array($found) ? array_values(array_map(strval(...), $found)) : [];
    }

    /** @param  array{int, int, bool}  $size */
    private function sized(array $size): void
    {
        [$width, $height, $isTouched] = $size;
        $this->devTools('Emulation.setDeviceMetricsOverride', [
            'width' => $width, 'height' => $height, 'deviceScaleFactor' => 1, 'mobile' => $isTouched,
        ]);
        $this->devTools('Emulation.setTouchEmulationEnabled', ['enabled' => $isTouched]);
    }

    /** Waits until nothing is under way. */
    private function settle(): void
    {
        $this->until(fn (): bool => $this->howMany('.busy.isBusy') === 0);
    }
}
