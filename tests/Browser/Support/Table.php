<?php

namespace Tests\Browser\Support;

use PDO;
use RuntimeException;
use Tools\Soak\Surroundings;

/** The application on its own table: a database, a web server and a queue worker that end with the test. */
final class Table
{
    public readonly int $port;

    private Process $server;

    private Process $worker;

    private Process $post;

    private Process $tools;

    /** The server for other devices. */
    private ?Process $door = null;

    /** An address of this machine other than the one it uses itself. */
    private const OTHER = '127.0.0.2';

    private static ?int $usual = null;

    private readonly int $postPort;

    public readonly int $toolsPort;

    private function __construct(private readonly string $directory)
    {
        // The same address for all tests of a process, unless it has two tables, since the browser has cached the
        // scripts from there.
        self::$usual ??= Surroundings::freePort();
        $this->port = Surroundings::isFree(self::$usual) ? self::$usual : Surroundings::freePort();
        $this->postPort = Surroundings::freePort();
        $this->toolsPort = Surroundings::freePort();
        $this->start();
    }

    /** With the demo, as bin/demo has it, or with a saved state. */
    public static function withDemo(?string $kept = null): self
    {
        $directory = self::root().'/build/browser/'.bin2hex(random_bytes(6));
        foreach (Surroundings::FOLDERS as $folder) {
            mkdir("$directory/storage/$folder", 0777, true);
        }
        copy($kept === null ? self::template() : "$kept.sqlite", Surroundings::database($directory));
        if ($kept !== null) {
            exec('cp -r '.escapeshellarg("$kept.cache/.").' '.escapeshellarg("$directory/storage/framework/cache/data"));
        }

        return new self($directory);
    }

    /** As just after installation: nothing is on the table. */
    public static function bare(): self
    {
        $table = self::withDemo();
        $pdo = new PDO("sqlite:$table->directory/table.sqlite");
        $pdo->exec('PRAGMA foreign_keys = OFF');
        foreach (['ledger_entries', 'sheets', 'components', 'days', 'people', 'kits'] as $records) {
            $pdo->exec("delete from $records");
        }

        return $table;
    }

    /** Saves the present table with all search results, so that other tests can begin with it. */
    public function keep(): string
    {
        $kept = self::root().'/build/browser/kept'.getenv('TEST_TOKEN');
        exec('rm -rf '.escapeshellarg("$kept.sqlite").' '.escapeshellarg("$kept.cache"));
        (new PDO("sqlite:$this->directory/table.sqlite"))->exec("vacuum into '$kept.sqlite'");
        exec('cp -r '.escapeshellarg("$this->directory/storage/framework/cache/data").' '.escapeshellarg("$kept.cache"));

        return $kept;
    }

    /** As after switching the computer off and on. */
    public function restart(): void
    {
        $this->end();
        $this->start();
    }

    /** As with bin/demo --table: devices that are let in reach the table at another address. */
    public function share(): void
    {
        $this->server->stop();
        $env = ['APP_HOSTS' => self::OTHER, 'TABLE_ADDRESS' => $this->shared(''), 'TABLE_DOOR' => "$this->directory/door"];
        $this->server = $this->serve('127.0.0.1', $env);
        $this->door = $this->serve(self::OTHER, [...$env, 'AT_THE_DOOR' => "$this->directory/door"]);
        Surroundings::await($this->port);
        Surroundings::await($this->port, self::OTHER);
    }

    public function shared(string $path): string
    {
        return 'http://'.self::OTHER.":$this->port$path";
    }

    /** @return list<string> the codes and devices that are let in; wrong tries are counted after the door is closed too */
    public function let(): array
    {
        return [...glob("$this->directory/door/code-*") ?: [], ...glob("$this->directory/door/guest-*") ?: []];
    }

    public function sweep(): void
    {
        $this->end();
        exec('rm -rf '.escapeshellarg($this->directory));
    }

    public function value(string $sql): mixed
    {
        $pdo = new PDO("sqlite:$this->directory/table.sqlite");
        $pdo->setAttribute(PDO::ATTR_TIMEOUT, 5);

        return ($pdo->query($sql) ?: throw new RuntimeException("Refused: $sql"))->fetchColumn();
    }

    /** Something happens that is not under test. */
    public function change(string $sql): void
    {
        $pdo = new PDO("sqlite:$this->directory/table.sqlite");
        $pdo->setAttribute(PDO::ATTR_TIMEOUT, 5);
        $pdo->exec($sql);
    }

    /** Many more lines like one of the first kit. */
    public function lengthen(string $key, int $lines): void
    {
        $this->change("with recursive n(i) as (select 1 union all select i + 1 from n where i < $lines)
            insert into components (kit_id, key, kind, name, details, listed, position, is_counted)
            select kit_id, key || i, kind, name || ' ' || i, details, listed, 1000 + i, 1
            from components, n where kit_id = 1 and key = '$key'");
        $this->change("insert into ledger_entries (component_id, delta, reason)
            select id, listed, 'listed' from components where position > 1000");
    }

    /** Time passes for the clocks on the table. */
    public function soonDry(int $seconds): void
    {
        $this->change(sprintf("update step_marks set dry_at = '%s'", gmdate('Y-m-d H:i:s', time() + $seconds)));
    }

    public function file(string $name, string $contents): string
    {
        file_put_contents("$this->directory/$name", $contents);

        return "$this->directory/$name";
    }

    public static function root(): string
    {
        return dirname(__DIR__, 3);
    }

    private function start(): void
    {
        $env = $this->env();
        $this->server = $this->serve('127.0.0.1', []);
        // It lives for one test, so ready-made compiled code is worth more than compiling on the way.
        $work = ['artisan', 'queue:work', '--queue=share-outs,searches', '--sleep=0.1', '--tries=1', '--memory=1024'];
        $this->worker = new Process(
            [...Surroundings::server(self::root()), ...$work],
            self::root(),
            $env,
            "$this->directory/worker.log",
        );
        $this->post = new Process(
            [PHP_BINARY, '-S', "127.0.0.1:$this->postPort", 'standins/kit-post.php'],
            self::root(),
            [],
            "$this->directory/kit-post.log",
        );
        $this->tools = new Process(
            [PHP_BINARY, '-S', "127.0.0.1:$this->toolsPort", 'standins/table-tools.php'],
            self::root(),
            [],
            "$this->directory/table-tools.log",
        );
        Surroundings::await($this->port);
        Surroundings::await($this->postPort);
        Surroundings::await($this->toolsPort);
    }

    /** @param  array<string, string>  $more */
    private function serve(string $address, array $more): Process
    {
        return new Process(
            [...Surroundings::front(self::root(), $address, $this->port), ...Surroundings::server(self::root())],
            self::root(),
            [...$this->env(), ...$more],
            "$this->directory/server.log",
        );
    }

    /** @return array<string, string> */
    private function env(): array
    {
        return [
            ...Surroundings::env($this->directory),
            'KIT_POST_URL' => "http://127.0.0.1:$this->postPort",
            'TABLE_TOOLS_URL' => "http://127.0.0.1:$this->toolsPort",
        ];
    }

    /** As if the worker were busy with something else all the time. */
    public function occupyTheWorker(): void
    {
        $this->worker->stop();
    }

    /** As if the service were down. */
    public function silenceTheKitPost(): void
    {
        $this->post->stop();
    }

    private function end(): void
    {
        $this->server->stop();
        $this->worker->stop();
        $this->post->stop();
        $this->tools->stop();
        $this->door?->stop();
    }

    /** A migrated database with the demo, made once a run. */
    private static function template(): string
    {
        static $template = null;
        if (! is_string($template)) {
            // One for each of the processes that test in parallel.
            $template = self::root().'/build/browser/template'.getenv('TEST_TOKEN').'.sqlite';
            @mkdir(dirname($template), 0777, true);
            array_map(unlink(...), glob("$template*") ?: []);
            foreach (['migrate --force', 'demo:lay'] as $command) {
                exec(
                    sprintf(
                        'cd %s && APP_ENV=production CACHE_STORE=array DB_DATABASE=%s %s artisan %s 2>&1',
                        escapeshellarg(self::root()),
                        escapeshellarg($template),
                        escapeshellarg(PHP_BINARY),
                        $command,
                    ),
                    $said,
                    $code,
                );
                if ($code !== 0) {
                    throw new RuntimeException(implode("\n", $said));
                }
            }
        }

        return $template;
    }
}
