<?php

namespace Tests\Feature\Pair;

use App\Models\Component;
use App\Models\Kit;
use App\Models\Palette;
use App\Models\Photo;
use Illuminate\Http\UploadedFile;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\FeatureTestCase;

final class PairAndLooksTest extends FeatureTestCase
{
    public function test_partners_of_the_chosen_face_come_best_first(): void
    {
        $kit = $this->harbour();
        $wave = $this->line('wave');
        $page = $this->props("/kits/$kit->id/pair?chosen={$wave->coreId()}/0");

        self::assertSame(['component' => $wave->coreId(), 'face' => 0], $page['chosen']);
        $figures = array_map(static fn (array $partner): int => $partner['fits'][$partner['face']]['figure'], $page['partners']);
        $sorted = $figures;
        rsort($sorted);
        self::assertSame($sorted, $figures);
        self::assertNotSame([], $page['partners'][0]['fits'][0]['reasons']);
        self::assertNotNull($page['mat']);
    }

    public function test_a_palette_is_saved_and_a_card_is_made_from_it(): void
    {
        $kit = $this->harbour();
        $surfaces = [
            $this->line('wave')->coreId().'/0',
            $this->line('sea-holly')->coreId().'/0',
            $this->line('kelp-card')->coreId().'/0',
            $this->line('deep-water')->coreId().'/0',
        ];
        $this->act($kit, 'palettes', ['name' => 'Sea', 'surfaces' => $surfaces])->assertSessionHasNoErrors();
        $palette = Palette::query()->sole();
        $this->act($kit, "palettes/$palette->id/card")->assertSessionHasNoErrors();

        $card = $kit->cards()->with('takings')->get()->sole();
        foreach ($card->takings->whereNotNull('width') as $taking) {
            self::assertContains("c$taking->component_id/$taking->face", $surfaces);
        }
        $this->assertInBalance($kit);
        $this->act($kit, 'undo');
        $this->act($kit, 'undo');
        self::assertSame([0, 0], [Palette::query()->count(), $kit->cards()->count()]);
    }

    public function test_a_palette_needs_a_name_and_two_things(): void
    {
        $kit = $this->harbour();
        $this->act($kit, 'palettes', ['name' => '', 'surfaces' => ['c1/0']])->assertSessionHasErrors(['name', 'surfaces']);
        $this->act($kit, 'palettes', ['name' => 'X', 'surfaces' => ['<b>', 'c1/0']])->assertSessionHasErrors();

        self::assertSame(0, Palette::query()->count());
    }

    public function test_a_photograph_is_read_proposed_overruled_and_becomes_the_swatch(): void
    {
        $kit = $this->harbour();
        $wave = $this->line('wave');
        $this->photo($wave, self::picture('jpeg'))->assertSessionHasNoErrors();
        $proposal = $this->props("/kits/$kit->id/looks/$wave->id?face=0")['proposal'];
        self::assertGreaterThan(40, $proposal['colours'][0]['percent']);
        self::assertSame(0, Photo::query()->count(), 'a proposal only');

        $this->act($kit, "looks/$wave->id", [
            'face' => 0,
            'name' => 'Poppies',
            'motif' => 'dots',
            'colours' => ['#f0e8dc', '#be463c'],
            'busy' => true,
            'directional' => false,
            'as_swatch' => true,
            'token' => $proposal['token'],
        ])->assertSessionHasNoErrors();
        $face = $wave->refresh()->details['faces'][0];
        self::assertSame(
            ['Poppies', ['#f0e8dc', '#be463c'], true],
            [$face['name'], $face['colours'], $face['busy']],
        );
        $jpeg = $this->get('/photos/'.Photo::query()->sole()->id.'.jpg')
            ->assertOk()
            ->assertHeader('Content-Type', 'image/jpeg')
            ->getContent();
        $size = getimagesizefromstring((string) $jpeg);
        self::assertSame([480, 480], [$size[0] ?? 0, $size[1] ?? 0], 'scaled down');
        self::assertStringNotContainsString('secret place', (string) $jpeg, 'stripped of metadata');

        $this->act($kit, 'undo');
        self::assertSame(['Wave', 0], [$wave->refresh()->details['faces'][0]['name'], Photo::query()->count()]);
    }

    /** @return array<string, array{string, string, string}> */
    public static function noPictures(): array
    {
        return [
            'a text' => ['a.jpg', 'just words', 'not a JPEG, PNG or WebP'],
            'an SVG with script' => [
                'a.svg',
                '<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>',
                'not a JPEG, PNG or WebP',
            ],
            'a GIF' => [
                'a.gif',
                "GIF89a\x10\x00\x10\x00\x80\x00\x00\x00\x00\x00\xff\xff\xff,\x00\x00\x00\x00\x10\x00\x10\x00\x00"
                    ."\x02\x0e\x84\x8f\xa9\xcb\xed\x0f\xa3\x9c\xb4\xda\x8b\xb3>\x05\x00;",
                'not a JPEG, PNG or WebP',
            ],
            'half a picture' => ['a.jpg', substr(self::picture('jpeg'), 0, 700), 'damaged'],
            'a decompression bomb' => ['a.png', self::bomb(), 'pixels'],
            'too large' => ['a.jpg', str_repeat('x', 9_000_000), 'larger than 8 MB'],
        ];
    }

    #[DataProvider('noPictures')]
    public function test_what_is_no_picture_is_refused_at_the_field(string $name, string $bytes, string $said): void
    {
        $this->harbour();
        $this->photo($this->line('wave'), $bytes, $name)->assertSessionHasErrors('photo');

        self::assertStringContainsString($said, (string) session('errors')?->first('photo'));
    }

    public function test_png_and_webp_are_read_too(): void
    {
        $this->harbour();
        foreach (['png', 'webp'] as $type) {
            $this->photo($this->line('wave'), self::picture($type), "a.$type")->assertSessionHasNoErrors();
        }
    }

    private function line(string $key): Component
    {
        return Component::query()
            ->where('kit_id', Kit::query()->where('name', 'Harbour Lanterns')->firstOrFail()->id)
            ->where('key', $key)
            ->sole();
    }

    /** @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function photo(
        Component $component,
        string $bytes,
        string $name = 'a.jpg',
    ): \Illuminate\Testing\TestResponse {
        return $this->post("/kits/$component->kit_id/looks/$component->id/photo", [
            'face' => 0,
            'photo' => UploadedFile::fake()->createWithContent($name, $bytes),
        ]);
    }

    private static function picture(string $type): string
    {
        $image = imagecreatetruecolor(800, 800);
        imagefill($image, 0, 0, 0xF0E8DC);
        for ($i = 0; $i < 60; $i++) {
            imagefilledellipse($image, ($i * 317) % 800, ($i * 211) % 800, 50, 50, 0xBE463C);
        }
        ob_start();
        match ($type) {
            'png' => imagepng($image),
            'webp' => imagewebp($image),
            default => imagejpeg($image),
        };
        $bytes = (string) ob_get_clean();

        // A comment in the header of a JPEG, where cameras write the place.
        return $type === 'jpeg' ? substr($bytes, 0, 2)."\xFF\xFE\x00\x0Esecret place".substr($bytes, 2) : $bytes;
    }

    /** A PNG that claims 30 000 pixels a side and holds almost nothing. */
    private static function bomb(): string
    {
        $chunk = static fn (string $type, string $data): string => pack('N', strlen($data)).$type.$data.pack('N', crc32($type.$data));

        return "\x89PNG\r\n\x1a\n"
            .$chunk('IHDR', pack('NNCCCCC', 30_000, 30_000, 8, 2, 0, 0, 0))
            .$chunk('IDAT', (string) gzcompress(str_repeat("\0", 10_000)))
            .$chunk('IEND', '');
    }
}
