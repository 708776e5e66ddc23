<?php

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\Group;
use RuntimeException;
use Tests\Browser\Support\Table;

/**
 * Pages as they are for everybody: at every size, by day and in the evening, by finger and by ear. Those of a kit that is shared
 * out, and the shelf; the rest are of the same parts.
 */
final class EveryPageTest extends BrowserTestCase
{
    /** A phone, a tablet held upright, a screen: width, height and whether it is touched. */
    private const SIZES = ['phone' => [390, 844, true], 'tablet' => [800, 1_180, true], 'screen' => [1_280, 943, false]];

    /** Enlarged four times there is so much room. */
    private const ENLARGED = [320, 235, false];

    /** What of a page is wider than the page, and what that is pressed is smaller than it may be. */
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

    #[Group(self::SHARED_OUT)]
    public function test_the_pages_of_a_kit_are_good_for_all(): void
    {
        $this->sharedOut();
        $card = $this->table->value('select id from cards limit 1');
        $paper = $this->table->value("select id from components where kind = 'paper' limit 1");
        $this->assertGoodForAll(['/', '/people', ...array_map(static fn (string $page): string => "/kits/1/$page", [
            'unpack', 'count', 'add', 'about', "looks/$paper", 'pair', 'share-out', 'cut', 'keep', 'make', 'make/table', "cards/$card",
            'sketches', 'recipes', 'measures', 'tally', 'tally/cards', 'tally/materials',
        ])]);
    }

    /** @param  list<string>  $pages */
    private function assertGoodForAll(array $pages): void
    {
        $faults = [];
        foreach ($pages as $n => $path) {
            $this->sized(self::SIZES['screen']);
            $this->open($path);
            $this->element('#page');
            $this->settle();
            foreach (array_keys(self::SIZES) as $k => $size) {
                $this->sized(self::SIZES[$size]);
                // The whole of axe takes its time: each page at one of the sizes, every other one in the evening.
                $found = [
                    ...$this->looked(self::SIZES[$size][2] ? 44 : 24),
                    ...(($n + $k) % 3 === 0 ? $this->heard($n % 2 === 0 ? 'light' : 'evening') : []),
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
     * @return list<string>
     */
    private function heard(string $theme): array
    {
        static $axe = null;
        $file = Table::root().'/node_modules/axe-core/axe.min.js';
        $axe ??= file_get_contents($file) ?: throw new RuntimeException('There is no axe-core.');
        $this->browser->executeScript("document.documentElement.dataset.theme = '$theme'; if (!window.axe) {{$axe}}");
        $found = $this->browser->executeAsyncScript(<<<'JS'
            const [done] = arguments
            const said = (id) => ({ target, html }) => `${id}: ${target} ${html.slice(0, 120)}`
            axe.run(document, { resultTypes: ['violations'] }).then(({ violations }) =>
                done(violations.flatMap(({ id, nodes }) => nodes.slice(0, 3).map(said(id)))))
            JS, []);

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

    /** Nothing is under way any more. */
    private function settle(): void
    {
        $this->until(fn (): bool => $this->howMany('.busy.isBusy') === 0);
    }
}
