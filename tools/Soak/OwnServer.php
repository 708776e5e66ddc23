<?php

namespace Tools\Soak;

use Illuminate\Support\Facades\File;
use Symfony\Component\Process\Process;

/**
 * The application with its own table, server and worker, which are killed and started again. It is deleted at the end.
 */
final class OwnServer
{
    public readonly string $database;

    public readonly int $port;

    private Process $server;

    private Process $worker;

    private function __construct(private readonly string $folder)
    {
        $this->database = Surroundings::database($folder);
        $this->port = Surroundings::freePort();
    }

    /** With the demo laid and nothing else. */
    public static function start(): self
    {
        $folder = sys_get_temp_dir().'/keepshare-soak-'.bin2hex(random_bytes(6));
        foreach (Surroundings::FOLDERS as $inside) {
            File::ensureDirectoryExists("$folder/storage/$inside", 0700);
        }
        $own = new self($folder);
        File::put($own->database, '');
        foreach ([['migrate', '--force', '--quiet'], ['demo:lay', '--quiet']] as $command) {
            $artisan = [...Surroundings::server(base_path()), 'artisan', ...$command];
            (new Process($artisan, base_path(), $own->env(), timeout: 120))->mustRun();
        }
        $own->startServer();
        $own->startWorker();

        return $own;
    }

    /** Kills without warning. */
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

    /** The file with the numbers of the server's processes. */
    public function processes(): string
    {
        return "$this->folder/storage/framework/server-$this->port.pids";
    }

    public function sweep(): void
    {
        self::kill($this->server);
        self::kill($this->worker);
        File::deleteDirectory($this->folder);
    }

    private function startServer(): void
    {
        $command = [...Surroundings::front(base_path(), '127.0.0.1', $this->port), ...Surroundings::server(base_path())];
        $this->server = new Process(['setsid', ...$command], base_path(), $this->env(), timeout: null);
        $this->server->disableOutput()->start();
        Surroundings::await($this->port);
    }

    private function startWorker(): void
    {
        $work = ['queue:work', '--queue=share-outs,searches', '--sleep=0.1', '--tries=1', '--quiet'];
        $command = [...Surroundings::worker(base_path()), 'artisan', ...$work];
        $this->worker = new Process(['setsid', ...$command], base_path(), $this->env(), timeout: null);
        $this->worker->disableOutput()->start();
    }

    private static function kill(Process $process): void
    {
        $pid = $process->getPid();
        if ($pid !== null) {
            // It leads a process group, so its children end with it.
            posix_kill(-$pid, SIGKILL);
        }
        while ($process->isRunning()) {
            usleep(5_000);
        }
    }

    /** @return array<string, string> */
    private function env(): array
    {
        return Surroundings::env($this->folder);
    }
}
