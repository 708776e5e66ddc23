<?php

namespace Tests\Feature;

use App\Door\DeviceAccess;
use App\Http\Headers;
use App\Models\Kit;
use App\Models\Setting;
use App\Models\Sheet;
use App\Table\Balances;
use Database\Demo\Years;
use GuzzleHttp\Client;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;
use Tools\Soak\OwnServer;

/** Foreign pages, names and devices: what they get, and what every answer says. */
final class StrangersTest extends FeatureTestCase
{
    /** @return array<string, array{array<string, string>, string, int}> headers, how it is asked for, what is answered */
    public static function askings(): array
    {
        $link = ['Sec-Fetch-Mode' => 'navigate', 'Sec-Fetch-Dest' => 'document'];
        $picture = ['Sec-Fetch-Mode' => 'no-cors', 'Sec-Fetch-Dest' => 'image'];
        $frame = ['Sec-Fetch-Mode' => 'navigate', 'Sec-Fetch-Dest' => 'iframe'];

        return [
            'its own page' => [['Origin' => 'http://127.0.0.1', 'Sec-Fetch-Site' => 'same-origin'], 'GET', 200],
            'no page at all' => [[], 'GET', 200],
            'a link elsewhere' => [['Sec-Fetch-Site' => 'cross-site', ...$link], 'GET', 200],
            'a picture elsewhere' => [['Sec-Fetch-Site' => 'cross-site', ...$picture], 'GET', 403],
            'a frame elsewhere' => [['Sec-Fetch-Site' => 'same-site', ...$frame], 'GET', 403],
            'a form elsewhere' => [['Origin' => 'http://evil.example', 'Sec-Fetch-Site' => 'cross-site', ...$link], 'POST', 403],
            'another port' => [['Origin' => 'http://127.0.0.1:9000'], 'POST', 403],
            'a form of no origin' => [['Origin' => 'null'], 'POST', 403],
        ];
    }

    /** @param  array<string, string>  $headers */
    #[DataProvider('askings')]
    public function test_a_page_of_another_origin_gets_nothing_and_does_nothing(array $headers, string $method, int $status): void
    {
        $kit = $this->harbour();
        $acts = DB::table('acts')->count();
        $path = $method === 'GET' ? "/kits/$kit->id/unpack" : "/kits/$kit->id/duplicate";
        $this->call($method, $path, server: $this->transformHeadersToServerVars($headers))->assertStatus($status);
        self::assertSame($acts, DB::table('acts')->count());
    }

    public function test_every_answer_says_what_may_be_done_with_it(): void
    {
        $kit = $this->harbour();
        $answers = [
            $this->get('/'),
            $this->get('/nothing-there'),
            $this->get("/kits/$kit->id/export"),
            $this->post('/safe/copies/none', ['instead' => true]),
            $this->get('http://evil.example/'),
            $this->get('http://127.0.0.1/', ['Sec-Fetch-Site' => 'cross-site']),
        ];
        self::assertSame([200, 404, 200], [$answers[0]->status(), $answers[1]->status(), $answers[2]->status()]);
        self::assertSame([421, 403], [$answers[4]->status(), $answers[5]->status()]);
        foreach ($answers as $answer) {
            foreach (Headers::OF_ALL as $name => $value) {
                $answer->assertHeader($name, $value);
            }
        }
        $this->get('/kits/99999/unpack')->assertRedirect('/');
        $this->get('/kits/99999/unpack')->assertSessionHasErrors('table');
    }

    public function test_what_is_sent_is_compressed_where_it_is_understood(): void
    {
        $kit = $this->harbour();
        $plain = $this->get("/kits/$kit->id/unpack");
        $small = $this->get("/kits/$kit->id/unpack", ['Accept-Encoding' => 'gzip, br']);
        $small->assertHeader('Content-Encoding', 'gzip');
        self::assertSame($plain->getContent(), gzdecode((string) $small->getContent()));
        self::assertLessThan(strlen((string) $plain->getContent()) / 4, strlen((string) $small->getContent()));
        $this->get("/kits/$kit->id/cut/labels.pdf", ['Accept-Encoding' => 'gzip'])->assertHeaderMissing('Content-Encoding');
    }

    public function test_files_that_ship_are_sent_with_headers_to_known_names_only_and_what_is_written_is_its_owners(): void
    {
        $own = OwnServer::start();
        try {
            $http = new Client(['base_uri' => "http://127.0.0.1:$own->port", 'http_errors' => false, 'decode_content' => false]);
            $file = $http->get('/icon.svg', ['headers' => ['Accept-Encoding' => 'gzip']]);
            self::assertSame(200, $file->getStatusCode());
            self::assertStringContainsString('<svg', (string) gzdecode((string) $file->getBody()));
            $page = $http->get('/');
            foreach ([$file, $page] as $answer) {
                self::assertFalse($answer->hasHeader('X-Powered-By'));
                foreach (Headers::OF_ALL as $name => $value) {
                    self::assertSame([$value], $answer->getHeader($name));
                }
            }
            self::assertSame(421, $http->get('/icon.svg', ['headers' => ['Host' => 'evil.example']])->getStatusCode());
            foreach (['/index.php.svg', '/../.env', '/..%2F.env', '/build/manifest.json', '/.htaccess'] as $other) {
                self::assertSame(404, $http->get($other)->getStatusCode(), $other);
            }
            $folder = dirname($own->database);
            foreach ([$own->database, ...glob("$folder/storage/framework/sessions/*") ?: []] as $written) {
                self::assertSame(0, fileperms($written) & 0077, $written);
            }
        } finally {
            $own->sweep();
        }
    }

    public function test_nobody_can_keep_the_server_from_answering(): void
    {
        $own = OwnServer::start();
        try {
            $http = new Client(['base_uri' => "http://127.0.0.1:$own->port", 'http_errors' => false, 'timeout' => 60]);
            $lengths = ['9223372036854775807' => 400, '999999999999' => 413, '99999999999999999999999' => 400, '-1' => 400];
            $post = "POST / HTTP/1.1\r\nHost: 127.0.0.1\r\n";
            foreach ($lengths as $length => $status) {
                self::assertSame($status, self::statusOf($own->port, "{$post}Content-Length: $length\r\n\r\na"));
            }
            self::assertSame(411, self::statusOf($own->port, "{$post}Transfer-Encoding: chunked\r\n\r\n"));
            $slow = [];
            foreach (range(1, 12) as $n) {
                $slow[] = self::asked($own->port, "{$post}Content-Length: 900000\r\n\r\na");
                $slow[] = self::asked($own->port, "GET / HTTP/1.1\r\nHost: 127.0.0.1:$own->port\r\n\r\n");
                $slow[] = self::asked($own->port, "GET / HTTP/1.1\r\nX: ");
            }
            self::assertSame(200, $http->get('/now')->getStatusCode());
            $processes = array_map(intval(...), file($own->processes()) ?: []);
            self::assertCount(4, $processes);
            array_map(static fn (int $pid): bool => posix_kill($pid, SIGKILL), $processes);
            self::assertSame(200, $http->get('/now')->getStatusCode());
            $others = array_map(intval(...), file($own->processes()) ?: []);
            self::assertSame([], array_intersect($processes, $others), 'others take their place');
            self::assertSame(404, $http->get('/a%00b')->getStatusCode());
            self::assertSame(404, $http->get('/build/%00.js')->getStatusCode());
            array_map(fclose(...), $slow);
        } finally {
            $own->sweep();
        }
    }

    /** @return resource */
    private static function asked(int $port, string $request)
    {
        $socket = stream_socket_client("tcp://127.0.0.1:$port") ?: self::fail('nothing answers');
        fwrite($socket, $request);

        return $socket;
    }

    private static function statusOf(int $port, string $request): int
    {
        $socket = self::asked($port, $request);
        stream_set_timeout($socket, 60);

        return (int) substr((string) fgets($socket), 9, 3);
    }

    public function test_a_code_lets_one_device_in_once_and_all_are_let_go(): void
    {
        $door = DeviceAccess::in($this->ownStorage().'/door');
        $old = $door->code();
        $code = $door->code();
        self::assertNull($door->enter($old), 'the one before is none any more');
        self::assertNull($door->enter(''));
        $token = $door->enter(strtoupper($code));
        self::assertNotNull($token);
        self::assertTrue($door->knows($token));
        self::assertFalse($door->knows($code));
        self::assertNull($door->enter($code), 'once');
        self::assertSame(1, $door->guests());

        $door->close();
        self::assertFalse($door->knows($token));
        self::assertSame(0, $door->guests());
    }

    public function test_a_code_that_is_too_old_stays_so_and_five_wrong_ones_close_the_door_for_ten_minutes(): void
    {
        $folder = $this->ownStorage().'/door';
        $door = DeviceAccess::in($folder);
        $code = $door->code();
        foreach (glob("$folder/*") ?: [] as $file) {
            touch($file, time() - 599);
        }
        $door->enter('stranger');
        foreach (glob("$folder/code-*") ?: [] as $file) {
            touch($file, time() - 601);
        }
        self::assertNull($door->enter($code));
        self::assertNull($door->enter($code), 'a wrong try does not make it young again');

        foreach (range(1, 2) as $n) {
            self::assertSame(0, $door->closedFor());
            $door->enter("wrong$n");
        }
        self::assertSame(600, $door->closedFor(), 'with the three before');
        $code = $door->code();
        self::assertNull($door->enter($code), 'nobody is let in, with no code');
        config(['app.door' => $folder, 'app.address' => 'http://table.local']);
        self::assertSame(10, $this->props('/tablet')['closed']);
        $this->get("/in/$code")->assertForbidden()->assertSee('ten minutes');
        foreach (glob("$folder/wrong-*") ?: [] as $file) {
            touch($file, time() - 600);
        }
        self::assertNotNull($door->enter($code));
        $door->enter('once more');
        self::assertCount(1, glob("$folder/wrong-*") ?: [], 'what is over is counted no more');
    }

    public function test_where_others_reach_the_table_only_who_was_let_in_is_answered(): void
    {
        $folder = $this->ownStorage().'/door';
        config(['app.door' => $folder, 'app.at_the_door' => $folder, 'app.address' => 'http://table.local']);
        $this->harbour();
        foreach (['/', '/kits/1/unpack', '/now', '/nothing'] as $path) {
            $this->get($path)->assertForbidden();
        }
        $code = DeviceAccess::in($folder)->code();
        $in = $this->get("/in/$code")->assertRedirect('/');
        $this->get("/in/$code")->assertForbidden();
        $cookie = $in->getCookie(DeviceAccess::COOKIE, false);
        self::assertNotNull($cookie);
        self::assertTrue($cookie->isHttpOnly());
        $this->withUnencryptedCookie(DeviceAccess::COOKIE, (string) $cookie->getValue());
        $this->get('/')->assertOk();
        $before = $this->get('/now')->json('now');
        foreach (['/tablet', '/tablet/code', '/tablet/close'] as $n => $path) {
            ($n === 0 ? $this->get($path) : $this->post($path))->assertForbidden();
        }
        $kit = Kit::query()->where('name', 'Harbour Lanterns')->firstOrFail();
        $this->act($kit, 'duplicate')->assertSessionHasNoErrors();
        self::assertNotSame($before, $this->get('/now')->json('now'), 'what is done is known to the others');
    }

    public function test_years_are_added_and_what_lies_on_the_table_is_not_touched(): void
    {
        $this->harbour();
        $of = static fn (): array => [
            DB::table('sheets')->orderBy('id')->get()->all(),
            DB::table('ledger_entries')->orderBy('id')->get()->all(),
            DB::table('components')->orderBy('id')->get()->all(),
            DB::table('kits')->orderBy('id')->get()->all(),
        ];
        $before = $of();
        (new Years)->lay(2, 60, 400);
        foreach ($of() as $n => $after) {
            self::assertEquals($before[$n], array_slice($after, 0, count($before[$n])));
        }
        $own = Kit::query()->where('name', 'like', 'Kit of month%')->pluck('id');
        $offcuts = Sheet::query()->where('is_whole', false)->with('component')->get();
        self::assertCount(0, $offcuts->reject(static fn (Sheet $one): bool => $own->contains($one->component->kit_id)));
        self::assertGreaterThan(50, $offcuts->count());
    }

    public function test_what_does_not_add_up_is_found(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 3);
        self::assertSame([], Balances::faults($kit));
        $wave = $kit->components()->where('name', 'Wave')->firstOrFail();
        $sheet = Sheet::query()->where('component_id', $wave->id)->where('is_whole', true)->firstOrFail();
        $sheet->replicate()->save();
        self::assertContains('The ledger says 2 of Wave, and 3 are there.', Balances::faults($kit));
        DB::table('cut_plans')->delete();
        self::assertNotSame([], preg_grep('/^A piece of .* is not planned\.$/', Balances::faults($kit)) ?: []);
    }

    public function test_prints_are_on_the_paper_that_the_maker_chose(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 1);
        $path = "/kits/$kit->id/cut/labels.pdf";
        $letter = (string) $this->get($path)->getContent();
        self::assertStringContainsString('/MediaBox [0 0 612 792]', $letter);
        self::assertStringContainsString('/StructTreeRoot', $letter, 'tagged');
        self::assertStringContainsString('Commissioner', $letter, 'in the typeface of the application');
        $this->post('/paper', ['paper' => 'a4'])->assertSessionHasNoErrors();
        self::assertSame('a4', Setting::named(Setting::PAPER));
        self::assertMatchesRegularExpression('~/MediaBox \[0 0 59[45][^]]* 84[12]~', (string) $this->get($path)->getContent());
        self::assertStringContainsString('/MediaBox [0 0 612 792]', (string) $this->get("$path?paper=letter")->getContent());
        $this->post('/paper', ['paper' => 'foolscap'])->assertSessionHasErrors('paper');
        $this->post('/undo');
        self::assertNull(Setting::named(Setting::PAPER));
    }

    public function test_a_soak_of_a_few_acts_with_kills_has_no_fault(): void
    {
        // In a process of its own, since it uses a table of its own.
        $soak = new Process([PHP_BINARY, 'artisan', 'soak', '--minutes=2', '--most=10', '--seed=5'], base_path(), timeout: 170);
        $soak->run();
        self::assertStringContainsString('0 faults', $soak->getOutput());
        self::assertSame(0, $soak->getExitCode(), $soak->getOutput());
    }
}
