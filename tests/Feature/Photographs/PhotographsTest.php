<?php

namespace Tests\Feature\Photographs;

use App\Files\PictureFile;
use App\Models\Component;
use App\Models\Kit;
use App\Models\Photo;
use App\Models\Photograph;
use App\Models\SolveState;
use App\Photographs\FindOnPhotographs;
use Database\Demo\Photographs as DemoPhotographs;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Queue;
use KeepShare\Core\Kit\KitFile;
use KeepShare\Core\Look\FindPieces;
use KeepShare\Core\Look\PieceTable;
use KeepShare\Core\Look\Reference;
use KeepShare\Core\Measure\Length;
use Tests\Feature\FeatureTestCase;
use Tools\Bench\DrawnTable;

/** Photographs brought in, corrected, saved. */
final class PhotographsTest extends FeatureTestCase
{
    private static string $table = '';

    private string $storage;

    protected function setUp(): void
    {
        parent::setUp();
        $this->storage = $this->ownStorage();
        if (self::$table === '') {
            self::$table = DrawnTable::ofEight(900)->jpeg(sys_get_temp_dir().'/keepshare-table-'.getmypid().'.jpg');
        }
    }

    public static function tearDownAfterClass(): void
    {
        @unlink(self::$table);
        self::$table = '';
        parent::tearDownAfterClass();
    }

    public function test_a_table_of_pieces_becomes_components_with_their_own_pictures(): void
    {
        $kit = $this->harbour();
        $before = $kit->components()->count();
        $photograph = $this->bring($kit);
        $page = $this->props($this->at($kit, $photograph));
        self::assertSame('4 1/4 in × 5 1/2 in', $page['table']['reference']['says']);
        self::assertSame(7, $page['table']['kept']);
        $this->get($page['table']['picture'])->assertOk()->assertHeader('Content-Type', 'image/jpeg');
        $star = $this->piece($page, static fn (array $one): bool => count($one['alike']) === 2);
        $strips = array_values(array_filter($page['table']['pieces'], static fn (array $one): bool => $one['form'] === 'strip'));
        self::assertSame(2, $star['count']);

        $this->edit($kit, $photograph, ['do' => 'say', 'on' => $star['number'], 'text' => 'gold star']);
        $this->edit($kit, $photograph, ['do' => 'say', 'on' => $strips[0]['number'], 'text' => '"many thanks" for thank-you']);
        $this->edit($kit, $photograph, ['do' => 'drop', 'on' => $strips[1]['number']]);
        $this->act($kit, "photographs/$photograph->id/pieces/keep")->assertSessionHasNoErrors()->assertRedirect("/kits/$kit->id/unpack");

        self::assertSame($before + 6, $kit->components()->count());
        $kept = Component::query()->where(['kit_id' => $kit->id, 'name' => 'Gold star'])->firstOrFail();
        self::assertSame([2, 'die-cut', 'star'], [$kept->listed, $kept->kind->value, $kept->details['shape']]);
        self::assertNotEmpty($kept->details['outline']);
        $words = Component::query()->where(['kit_id' => $kit->id, 'name' => 'Many thanks'])->firstOrFail();
        self::assertSame(['thank-you'], $words->details['occasions']);
        $size = getimagesizefromstring((string) base64_decode(Photo::query()->where('component_id', $words->id)->value('jpeg')));
        self::assertGreaterThan(4, ($size[0] ?? 0) / ($size[1] ?? 1), 'The strip is laid straight.');
        self::assertSame(6, Photo::query()->whereIn('component_id', $kit->components()->pluck('id'))->count());
        self::assertSame(['taken as a picture'], Component::query()->where('name', 'like', 'Round%')->firstOrFail()->guesses);

        // It is drawn wherever it lies, and its outline is in the kit file.
        $goods = $this->props("/kits/$kit->id/unpack")['goods'];
        self::assertStringStartsWith('/photos/', $goods[$kept->coreId()]['cutout']['photo']);
        $read = KitFile::read(KitFile::write($kit->refresh()->toCore()));
        $again = array_values(array_filter($read->components, static fn ($one): bool => $one->name === 'Gold star'))[0];
        self::assertEquals($kept->toCore()->good, $again->good);

        $this->act($kit, 'undo');
        self::assertSame($before, $kit->components()->count());
        self::assertSame(7 - 1, $this->props($this->at($kit, $photograph))['table']['kept'], 'What was put right is there still.');
    }

    public function test_a_card_with_photographed_pieces_shows_them_on_paper_too(): void
    {
        $kit = $this->harbour();
        $photograph = $this->bring($kit);
        $this->act($kit, "photographs/$photograph->id/pieces/keep")->assertSessionHasNoErrors();
        foreach (Component::query()->where('kit_id', $kit->id)->where('kind', 'die-cut')->whereNotLike('name', 'Piece%')->get() as $other) {
            $this->act($kit, "check/$other->id", ['field' => 'count', 'value' => '0']);
        }
        $this->shareOut($kit, 2);
        $shown = $this->props("/kits/$kit->id/share-out");
        $pieces = Component::query()->where('kit_id', $kit->id)->where('name', 'like', 'Piece%')->get();
        $card = $kit->cards()->firstOrFail();
        $svg = (string) $this->get("/kits/$kit->id/cards/$card->id/front.svg")->assertOk()->getContent();

        self::assertNotEmpty($pieces);
        self::assertNotEmpty($shown);
        self::assertStringContainsString('<clipPath id="cut-', $svg);
        self::assertStringContainsString('xlink:href="data:image/jpeg;base64,', $svg);
    }

    public function test_faults_are_corrected_and_the_corrections_undone(): void
    {
        $kit = $this->harbour();
        $photograph = $this->bring($kit);
        $page = $this->props($this->at($kit, $photograph));
        $label = $this->piece($page, static fn (array $one): bool => $one['form'] === 'label' && ! $one['isReference']);
        $path = "photographs/$photograph->id/pieces";

        $this->edit($kit, $photograph, ['do' => 'turn', 'on' => $label['number'], 'by' => 90]);
        $turned = $this->numbered($kit, $photograph, $label['number']);
        $sides = static fn (string $size): array => explode(' × ', str_replace(' in', '', $size));
        self::assertSame(array_reverse($sides($label['size'])), $sides($turned['size']));
        $this->act($kit, 'undo');
        self::assertSame($label['size'], $this->numbered($kit, $photograph, $label['number'])['size']);

        $this->act($kit, $path, ['do' => 'part', 'on' => $label['number'], 'along' => [[1, 1], [3, 3]]])->assertSessionHasErrors('part');
        ['x' => $x, 'y' => $y] = $label['at'];
        $this->edit($kit, $photograph, ['do' => 'part', 'on' => $label['number'], 'along' => [[$x, $y - 150], [$x, $y + 150]]]);
        $parted = $this->props($this->at($kit, $photograph))['table']['pieces'];
        self::assertCount(count($page['table']['pieces']) + 1, $parted);
        $this->act($kit, 'undo');
        self::assertSame($label['size'], $this->numbered($kit, $photograph, $label['number'])['size']);

        $this->act($kit, $path, ['do' => 'measure', 'by' => 'sheet', 'lengths' => 'large'])->assertSessionHasErrors('lengths');
        $round = $this->piece($page, static fn (array $one): bool => $one['form'] === 'round');
        $this->act($kit, $path, ['do' => 'measure', 'on' => $round['number']])->assertSessionHasErrors('lengths');
        $this->edit($kit, $photograph, ['do' => 'measure', 'on' => $round['number'], 'by' => 'coin', 'lengths' => '26mm']);
        self::assertSame($round['number'], $this->props($this->at($kit, $photograph))['table']['reference']['piece']);
        $this->edit($kit, $photograph, ['do' => 'measure', 'by' => 'points', 'lengths' => '4', 'handles' => [[100, 100], [500, 100]]]);
        self::assertSame('two points 4 in apart', $this->props($this->at($kit, $photograph))['table']['reference']['says']);

        $this->edit($kit, $photograph, ['do' => 'say', 'on' => $label['number'], 'text' => 'satin ribbon 2 yards']);
        $this->act($kit, "$path/keep")->assertSessionHasErrors("say.{$label['number']}");
        self::assertSame('satin ribbon 2 yards', $this->numbered($kit, $photograph, $label['number'])['said'], 'What was typed stays.');
        self::assertSame(0, Photo::query()->count(), 'Nothing is half kept.');
        $this->act($kit, $path, ['do' => 'count', 'on' => $label['number'], 'text' => 'many'])->assertSessionHasErrors('count');
    }

    public function test_a_pad_is_put_together_front_and_back_in_order(): void
    {
        $kit = $this->harbour();
        $files = [];
        foreach ([0x2B6B5A, 0xE8A0B0, 0xF6F2E8, 0x3A5F8A] as $n => $colour) {
            $table = new DrawnTable(800);
            $table->rectangle(150, 112, 152.4, 152.4, $colour, 4 * $n - 6, [[0, 0, 152.4, 40]], 0xD9942E);
            $files[] = new UploadedFile($table->jpeg("$this->storage/$n.jpg"), "$n.jpg", 'image/jpeg', null, true);
        }
        $this->act($kit, 'photographs/papers', ['files' => $files, 'sent' => 4, 'size' => '6 x 6', 'order' => 'in-turn', 'count' => '3'])
            ->assertSessionHasNoErrors();
        $photograph = Photograph::query()->latest('id')->firstOrFail();
        $pad = $this->props($this->at($kit, $photograph))['pad'];
        $shots = static fn (array $pad): array => array_map(
            static fn (array $paper): array => array_column($paper['faces'], 'n'),
            $pad['papers'],
        );
        self::assertSame([[0, 1], [2, 3]], $shots($pad));
        self::assertSame([true, true], array_column($pad['papers'][0]['faces'], 'isFound'));

        $path = "photographs/$photograph->id/papers";
        $this->act($kit, $path, ['do' => 'order', 'on' => 0, 'text' => 'backs-after']);
        $this->act($kit, $path, ['do' => 'move', 'on' => 3, 'by' => -1]);
        $this->act($kit, $path, ['do' => 'say', 'on' => 0, 'text' => 'Wave']);
        $this->act($kit, $path, ['do' => 'up', 'on' => 0]);
        $corners = array_map(static fn (array $p): array => [$p['x'] + 4, $p['y'] + 4], $pad['papers'][0]['faces'][0]['corners']);
        $this->act($kit, $path, ['do' => 'corners', 'on' => 0, 'handles' => $corners])->assertSessionHasNoErrors();
        $this->act($kit, $path, ['do' => 'corners', 'on' => 0, 'handles' => array_fill(0, 4, [5, 5])])->assertSessionHasErrors('handles');
        $pad = $this->props($this->at($kit, $photograph))['pad'];
        self::assertSame([[0, 3], [1, 2]], $shots($pad));
        $this->get($pad['papers'][0]['faces'][0]['picture'])->assertOk();

        // Saved onto papers of the list, and undone.
        $papers = $kit->papers()->get();
        $onto = $papers[1];
        self::assertInstanceOf(Component::class, $onto);
        $this->act($kit, "$path/keep", ['onto' => $papers->last()?->id])->assertSessionHasErrors('onto');
        $this->act($kit, "$path/keep", ['onto' => $onto->id])->assertSessionHasNoErrors();
        self::assertSame(2, Photo::query()->where('component_id', $onto->id)->count());
        self::assertNotSame($onto->details['faces'][0]['colours'], $onto->refresh()->details['faces'][0]['colours']);
        $this->act($kit, 'undo')->assertSessionHasNoErrors();
        self::assertSame(0, Photo::query()->count());

        $this->act($kit, "$path/keep")->assertSessionHasNoErrors();
        $wave = Component::query()->where(['kit_id' => $kit->id, 'name' => 'Wave'])->latest('id')->firstOrFail();
        self::assertSame(3, $wave->listed);
        self::assertSame(['wave', true], [$wave->details['faces'][0]['motif'], $wave->details['faces'][0]['directional']]);
        self::assertSame([0, 1], Photo::query()->where('component_id', $wave->id)->orderBy('face')->pluck('face')->all());
        $blue = array_filter(
            $wave->details['faces'][1]['colours'],
            static fn (string $hex): bool => hexdec(substr($hex, 5, 2)) > 20 + hexdec(substr($hex, 1, 2)),
        );
        self::assertNotEmpty($blue, 'Its back is the blue one.');
    }

    public function test_the_photograph_of_the_demo_is_read_as_it_was_drawn(): void
    {
        $photo = app(DemoPhotographs::class)->pieces();
        imagejpeg($photo, "$this->storage/demo.jpg", 90);
        $picture = PictureFile::open("$this->storage/demo.jpg")->within(FindPieces::SIDE)->picture();
        $base = Reference::sheet(Length::inches(4, 1, 4), Length::inches(5, 1, 2));
        $table = PieceTable::found(FindPieces::on($picture), $picture, $base);
        $squared = $table->squared();

        $alike = $table->alike();
        self::assertSame(count(DemoPhotographs::PIECES), array_sum(array_map(count(...), $alike)));
        // There are two of one balloon. Strips with different words are two things.
        self::assertCount(count(DemoPhotographs::PIECES) - 1, $alike);
        $forms = ['strip' => [], 'round' => []];
        foreach (array_keys($alike) as $number) {
            $measured = $table->measured($number, $squared);
            $forms[$measured->form->value][] = [$measured->width, $measured->height];
            self::assertLessThan(0.8, $measured->off);
        }
        self::assertCount(2, $forms['strip']);
        self::assertCount(1, $forms['round']);
        foreach ([...$forms['strip'], ...$forms['round']] as [$width, $height]) {
            $is = $width > 60 ? [74, 14] : [34, 34];
            self::assertEqualsWithDelta($is[0], $width, 0.8);
            self::assertEqualsWithDelta($is[1], $height, 0.8);
        }
    }

    public function test_bad_files_are_refused_at_the_field_and_nothing_is_laid(): void
    {
        $kit = $this->harbour();
        $torn = UploadedFile::fake()->createWithContent('torn.jpg', substr((string) file_get_contents(self::$table), 0, 20_000));
        $text = UploadedFile::fake()->createWithContent('text.jpg', 'no picture');
        $right = ['by' => 'sheet', 'lengths' => '4 1/4 x 5 1/2'];
        $this->act($kit, 'photographs/pieces', $right)->assertSessionHasErrors('files');
        $this->act($kit, 'photographs/pieces', ['files' => [$text]] + $right)->assertSessionHasErrors('files');
        $this->act($kit, 'photographs/pieces', ['files' => [$torn]] + $right)->assertSessionHasErrors('files');
        $this->act($kit, 'photographs/pieces', ['files' => [$this->file()], 'lengths' => '0'] + $right)->assertSessionHasErrors('lengths');
        $this->act($kit, 'photographs/papers', ['files' => [$this->file()], 'sent' => 9, 'size' => '6 x 6'])
            ->assertSessionHasErrors('files');
        $this->act($kit, 'photographs/papers', ['files' => [$this->file(), $text], 'size' => '6 x 6'])->assertSessionHasErrors('files');
        $this->act($kit, 'photographs/papers', ['files' => [$this->file()], 'size' => 'six'])->assertSessionHasErrors('size');
        self::assertSame(0, Photograph::query()->count());

        $table = (new DrawnTable)->jpeg("$this->storage/plain.jpg");
        $plain = new UploadedFile($table, 'plain.jpg', 'image/jpeg', null, true);
        $this->act($kit, 'photographs/pieces', ['files' => [$plain]] + $right)->assertSessionHasNoErrors();
        $reading = $this->props($this->at($kit, Photograph::query()->firstOrFail()))['reading'];
        self::assertTrue($reading['isFault']);
        self::assertStringContainsString('No pieces were found', $reading['says']);
    }

    public function test_reading_is_stopped_survives_its_worker_and_belongs_to_its_kit(): void
    {
        Queue::fake();
        $kit = $this->harbour();
        $photograph = $this->bring($kit);
        self::assertTrue($this->props($this->at($kit, $photograph))['reading']['isUnderWay']);
        $this->act($kit, "photographs/$photograph->id/stop");
        (new FindOnPhotographs)->run($photograph->id);
        self::assertSame(SolveState::Failed, $photograph->refresh()->state);
        self::assertFileDoesNotExist($photograph->foundFile());

        $other = $this->bring($kit);
        $other->update(['state' => SolveState::Running, 'worker' => '999999:1']);
        self::assertStringContainsString('worker', $this->props($this->at($kit, $other))['reading']['says']);

        $stash = Kit::query()->where('is_stash', true)->firstOrFail();
        $this->get("/kits/$stash->id/photographs/$other->id/look")->assertNotFound();
        $this->get("/kits/$stash->id/photographs/$other->id/0.jpg")->assertNotFound();
        self::assertCount(2, $this->props("/kits/$kit->id/photographs")['laid']);
        $this->delete("/kits/$kit->id/photographs/$other->id", ['revision' => $kit->refresh()->revision])->assertRedirect();
        self::assertCount(1, $this->props("/kits/$kit->id/photographs")['laid']);
        $this->act($kit, 'undo');
        self::assertCount(2, $this->props("/kits/$kit->id/photographs")['laid']);
    }

    private function bring(Kit $kit): Photograph
    {
        $this->act($kit, 'photographs/pieces', ['files' => [$this->file()], 'sent' => 1, 'by' => 'sheet', 'lengths' => '4 1/4 x 5 1/2'])
            ->assertSessionHasNoErrors();

        return Photograph::query()->latest('id')->firstOrFail();
    }

    private function file(): UploadedFile
    {
        $copy = "$this->storage/".bin2hex(random_bytes(4)).'.jpg';
        copy(self::$table, $copy);

        return new UploadedFile($copy, 'table.jpg', 'image/jpeg', null, true);
    }

    private function at(Kit $kit, Photograph $photograph): string
    {
        return "/kits/$kit->id/photographs/$photograph->id/look";
    }

    /** @param  array<string, mixed>  $edit */
    private function edit(Kit $kit, Photograph $photograph, array $edit): void
    {
        $this->act($kit, "photographs/$photograph->id/pieces", $edit)->assertSessionHasNoErrors();
    }

    /**
     * @param  array<string, mixed>  $page
     * @param  callable(array<string, mixed>): bool  $is
     * @return array<string, mixed>
     */
    private function piece(array $page, callable $is): array
    {
        return array_values(array_filter($page['table']['pieces'], $is))[0] ?? self::fail('No such piece is found.');
    }

    /** @return array<string, mixed> */
    private function numbered(Kit $kit, Photograph $photograph, int $number): array
    {
        return $this->piece($this->props($this->at($kit, $photograph)), static fn (array $one): bool => $one['number'] === $number);
    }
}
