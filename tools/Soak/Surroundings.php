<?php

namespace Tools\Soak;

use RuntimeException;

/** The environment of a server and a worker on a table of their own. It needs nothing of the framework. */
final class Surroundings
{
    /** The folders that an application writes to. */
    public const FOLDERS = ['framework/cache/data', 'framework/sessions', 'framework/views', 'logs', 'app'];

    /**
     * @param  string  $folder  with the table and a folder called storage
     * @return array<string, string>
     */
    public static function env(string $folder): array
    {
        return [
            'APP_ENV' => 'production',
            'APP_HOSTS' => '',
            'AT_THE_DOOR' => '',
            'TABLE_ADDRESS' => '',
            'SHARE_OUT_STEPS' => '0',
            'COPIES_FOLDER' => '',
            'DB_DATABASE' => self::database($folder),
            'LARAVEL_STORAGE_PATH' => "$folder/storage",
            'CACHE_STORE' => 'file',
            'SESSION_DRIVER' => 'file',
            'QUEUE_CONNECTION' => 'database',
        ];
    }

    public static function database(string $folder): string
    {
        return "$folder/table.sqlite";
    }

    /**
     * A worker, as bin/demo starts it.
     *
     * @param  string  $root  of the application
     * @return list<string>
     */
    public static function worker(string $root): array
    {
        return self::php(file("$root/bin/jit.flags", FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: []);
    }

    /**
     * What stands before the server's processes.
     *
     * @param  string  $root  of the application
     * @return list<string>
     */
    public static function front(string $root, string $address, int $port): array
    {
        return ['node', "$root/server/main.mjs", $address, (string) $port, '--'];
    }

    /**
     * One process of the server, as bin/demo starts it; see server_settings in bin/setup.sh.
     *
     * @param  string  $root  of the application
     * @return list<string>
     */
    public static function server(string $root): array
    {
        $compiled = "$root/build/compiled";

        return self::php(['opcache.enable_cli=1', ...(is_dir($compiled) ? ["opcache.file_cache=$compiled"] : [])]);
    }

    /**
     * @param  list<string>  $settings
     * @return list<string>
     */
    private static function php(array $settings): array
    {
        return [PHP_BINARY, '-dvariables_order=EGPCS', ...array_map(static fn (string $one): string => "-d$one", $settings)];
    }

    public static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: throw new RuntimeException('No port is free.');
        $name = (string) stream_socket_get_name($socket, false);
        fclose($socket);

        return (int) substr($name, (int) strrpos($name, ':') + 1);
    }

    /** No one answers there. */
    public static function isFree(int $port, string $address = '127.0.0.1'): bool
    {
        $socket = @stream_socket_client("tcp://$address:$port", timeout: 1);
        if (is_resource($socket)) {
            fclose($socket);
        }

        return $socket === false;
    }

    /** @throws RuntimeException where nothing answers after so many seconds */
    public static function await(int $port, string $address = '127.0.0.1', float $seconds = 30.0): void
    {
        $ends = microtime(true) + $seconds;
        while (self::isFree($port, $address)) {
            if (microtime(true) > $ends) {
                throw new RuntimeException("Nothing answers at $address:$port.");
            }
            usleep(20_000);
        }
    }
}
