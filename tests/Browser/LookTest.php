<?php

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;

/** What can be seen: contrast in both themes, distinct motifs, a page for a finger. */
final class LookTest extends BrowserTestCase
{
    /** Text colours with the backgrounds they are used on. */
    private const PAIRS = [
        ['ink', 'sheet'],
        ['ink', 'table'],
        ['ink', 'rail'],
        ['ink', 'here-soft'],
        ['ink-soft', 'sheet'],
        ['ink-soft', 'table'],
        ['ink-soft', 'rail'],
        ['on-here', 'here'],
        ['here', 'sheet'],
        ['madder', 'sheet'],
        ['madder', 'madder-soft'],
        ['kraft-ink', 'kraft-soft'],
        ['ink-soft', 'kraft-soft'],
    ];

    public function test_every_text_has_the_contrast_of_wcag_aa_in_both_themes(): void
    {
        $this->open('/');
        foreach (['light', 'evening'] as $theme) {
            $ratios = $this->browser->executeScript(<<<'JS'
                document.documentElement.dataset.theme = arguments[0]
                const style = getComputedStyle(document.documentElement)
                const light = (name) => {
                    const hex = style.getPropertyValue('--' + name).trim()
                    const full = hex.length === 4 ? hex.replace(/[0-9a-f]/gi, '$&$&') : hex
                    const [r, g, b] = [1, 3, 5].map((i) => parseInt(full.slice(i, i + 2), 16) / 255).map(
                        (v) => (v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4),
                    )
                    return 0.2126 * r + 0.7152 * g + 0.0722 * b
                }
                return arguments[1].map(([one, two]) => {
                    const [high, low] = [light(one), light(two)].sort((a, b) => b - a)
                    return (high + 0.05) / (low + 0.05)
                })
                JS, [$theme, self::PAIRS]);
            foreach (self::PAIRS as $i => $pair) {
                self::assertGreaterThanOrEqual(4.5, is_array($ratios) ? $ratios[$i] : 0, implode(' on ', $pair).", $theme");
            }
        }
    }

    public function test_motifs_are_clearly_different_at_sixty_pixels(): void
    {
        $motifs = [
            'dots',
            'stripe',
            'gingham',
            'plaid',
            'grid',
            'chevron',
            'wave',
            'scale',
            'plank',
            'script',
            'sprig',
            'leaf',
            'gull',
            'lantern',
            'float',
            'knit',
            'hills',
            'star',
            'foil',
            'solid',
        ];
        $faces = array_chunk($motifs, 2);
        $kit = [
            'format' => 'keepshare/kit',
            'version' => 1,
            'unit' => 'in',
            'name' => 'Motifs',
            'front' => ['width' => '4 1/4', 'height' => '5 1/2'],
            'components' => array_map(
                static fn (array $pair, int $i): array => [
                    'id' => "paper-$i",
                    'kind' => 'paper',
                    'name' => "Paper $i",
                    'count' => 1,
                    'size' => ['width' => 6, 'height' => 6],
                    'faces' => array_map(
                        static fn (string $motif): array => [
                            'name' => $motif,
                            'motif' => $motif,
                            'colours' => ['#cccccc', '#202020', '#808080', '#505050'],
                        ],
                        $pair,
                    ),
                ],
                $faces,
                array_keys($faces),
            ),
        ];
        $this->open('/');
        $this->upload($this->table->file('motifs.json', (string) json_encode($kit)));
        $this->see('A kit file:');
        $this->click('button', 'Bring in the file');
        $this->see('Nothing has been counted yet');

        $shots = [];
        foreach ($this->browser->findElements(WebDriverBy::cssSelector('.faces svg')) as $swatch) {
            $image = imagecreatefromstring($swatch->takeElementScreenshot()) ?: self::fail('No picture.');
            $shots[] = imagecrop($image, ['x' => 2, 'y' => 2, 'width' => 60, 'height' => 60]) ?: self::fail('Too small.');
        }
        self::assertCount(20, $shots);
        foreach ($shots as $i => $one) {
            foreach (array_slice($shots, $i + 1, null, true) as $j => $other) {
                self::assertGreaterThan(5, self::difference($one, $other), "$motifs[$i] and $motifs[$j] look alike");
            }
        }
    }

    /** The mean difference of two pictures, in steps of 256. */
    private static function difference(\GdImage $one, \GdImage $two): float
    {
        $sum = 0;
        for ($x = 0; $x < 60; $x++) {
            for ($y = 0; $y < 60; $y++) {
                $sum += abs((imagecolorat($one, $x, $y) & 255) - (imagecolorat($two, $x, $y) & 255));
            }
        }

        return $sum / 3_600;
    }
}
