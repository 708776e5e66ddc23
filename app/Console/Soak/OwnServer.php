<?php

namespace App\Console\Soak;

use Illuminate\Support\Facades\File;
use RuntimeException;
use Symfony\Component\Process\Process;

/** The application with a table, a server and a worker of its own, which are killed and started again; swept away at the end. */
final class OwnServer
{
    private const PATIENCE = 30.0;

    public readonly string $database;

    public readonly int $port;

    private Process $server;

    private Process $worker;

    private function __construct(private readonly string $folder)
    {
        $this->database = "$folder/table.sqlite";
        $this->port = self::freePort();
    }

    /** With the demo laid and nothing else. */
    public static function start(): self
    {
        $folder = sys_get_temp_dir().'/keepshare-soak-'.bin2hex(random_bytes(6));
        foreach (['framework/cache/data', 'framework/sessions', 'framework/views', 'logs', 'app'] as $inside) {
            File::ensureDirectoryExists("$folder/storage/$inside", 0700);
        }
        $own = new self($folder);
        File::put($own->database, '');
        foreach ([['migrate', '--force', '--quiet'], ['demo:lay', '--quiet']] as $command) {
            (new Process([...self::php(), 'artisan', ...$command], base_path(), $own->env(), timeout: 120))->mustRun();
        }
        $own->startServer();
        $own->startWorker();

        return $own;
    }

    /** Without warning, whatever it was at. */
    public function killServer(): void
    {
        self::kill($this->server);
        $this->startServer();
    }

    public function killWorker(): void
    {
        self::kill($this->worker);
        $this->startWorker();
    }

    public function sweep(): void
    {
        self::kill($this->server);
        self::kill($this->worker);
        File::deleteDirectory($this->folder);
    }

    private function startServer(): void
    {
        $command = [...self::php(), '-dexpose_php=0', '-S', "127.0.0.1:$this->port", base_path('bootstrap/server.php')];
        $this->server = new Process(['setsid', ...$command], public_path(), $this->env(), timeout: null);
        $this->server->disableOutput()->start();
        $ends = microtime(true) + self::PATIENCE;
        while (! is_resource($socket = @stream_socket_client("tcp://127.0.0.1:$this->port", timeout: 1))) {
            if (microtime(true) > $ends) {
                throw new RuntimeException('The server does not come up.');
            }
            usleep(20_000);
        }
        fclose($socket);
    }

    private function startWorker(): void
    {
        $command = [...self::php(), 'artisan', 'queue:work', '--queue=share-outs,searches', '--sleep=0.1', '--tries=1', '--quiet'];
        $this->worker = new Process(['setsid', ...$command], base_path(), $this->env(), timeout: null);
        $this->worker->disableOutput()->start();
    }

    private static function kill(Process $process): void
    {
        $pid = $process->getPid();
        if ($pid !== null) {
            // It leads a group of its own: what it has forked goes with it.
            posix_kill(-$pid, SIGKILL);
        }
        while ($process->isRunning()) {
            usleep(5_000);
        }
    }

    /** @return array<string, string> */
    private function env(): array
    {
        return [
            'APP_ENV' => 'production',
            'APP_HOSTS' => '',
            'AT_THE_DOOR' => '',
            'TABLE_ADDRESS' => '',
            'SHARE_OUT_STEPS' => '0',
            'COPIES_FOLDER' => '',
            'DB_DATABASE' => $this->database,
            'LARAVEL_STORAGE_PATH' => "$this->folder/storage",
            'CACHE_STORE' => 'file',
            'SESSION_DRIVER' => 'file',
            'QUEUE_CONNECTION' => 'database',
            'PHP_CLI_SERVER_WORKERS' => '3',
        ];
    }

    /** @return list<string> */
    private static function php(): array
    {
        $flags = File::lines(base_path('bin/jit.flags'))->filter()->map(static fn (string $flag): string => "-d$flag")->all();

        return [PHP_BINARY, '-dvariables_order=EGPCS', ...array_values($flags)];
    }

    private static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: throw new RuntimeException('No port is free.');
        $name = (string) stream_socket_get_name($socket, false);
        fclose($socket);

        return (int) substr($name, (int) strrpos($name, ':') + 1);
    }
}
