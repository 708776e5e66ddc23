<?php

namespace App\Door;

/**
 * Which other devices are let in. A code on the screen lets one device in, once, and gives it a token to come back
 * with.
 *
 * Codes and tokens are files named by their hash and readable by their owner only. A device gets in by renaming the one
 * to the other, which only one can do. It needs nothing of the framework, since it is asked before that is loaded.
 */
final readonly class DeviceAccess
{
    public const COOKIE = 'at_the_table';

    /** A code that is not used within this many seconds expires. */
    public const PATIENCE = 600;

    /** So many wrong codes within PAUSE close the door for all, so that nobody can try them all. */
    private const TRIES = 5;

    /** Seconds that the door stays closed after the last wrong code. */
    private const PAUSE = 600;

    /** Letters and figures that cannot be confused. */
    private const SIGNS = '23456789abcdefghjkmnpqrstuvwxyz';

    private const LENGTH = 12;

    private const CODE = 'code-';

    private const GUEST = 'guest-';

    private const WRONG = 'wrong-';

    private function __construct(private string $folder)
    {
    }

    public static function in(string $folder): self
    {
        if (! is_dir($folder)) {
            @mkdir($folder, 0700, true);
        }

        return new self($folder);
    }

    /** A new code, which is shown once. The one before it expires. */
    public function code(): string
    {
        $this->drop(self::CODE);
        $code = '';
        while (strlen($code) < self::LENGTH) {
            $code .= self::SIGNS[random_int(0, strlen(self::SIGNS) - 1)];
        }
        file_put_contents($this->file(self::CODE, $code), '');

        return $code;
    }

    /**
     * @return string|null the token of a device that goes in by this code; null where it is none, was used or is too
     *                     old, or the door is closed for a while
     */
    public function enter(string $code): ?string
    {
        clearstatcache();
        if ($this->closedFor() > 0) {
            return null;
        }
        $file = $this->file(self::CODE, strtolower(trim($code)));
        if (! is_file($file) || filemtime($file) < time() - self::PATIENCE) {
            $this->countWrong();

            return null;
        }
        $token = bin2hex(random_bytes(32));
        if (! @rename($file, $this->file(self::GUEST, $token))) {
            return null;
        }
        touch($this->file(self::GUEST, $token));

        return $token;
    }

    public function knows(string $token): bool
    {
        return is_file($this->file(self::GUEST, $token));
    }

    /** How many devices are let in. */
    public function guests(): int
    {
        return count($this->files(self::GUEST));
    }

    /** Nobody is let in any more, and no code is valid. */
    public function close(): void
    {
        $this->drop(self::CODE);
        $this->drop(self::GUEST);
    }

    /** Seconds until codes are asked for again after too many wrong ones; usually 0. */
    public function closedFor(): int
    {
        $wrong = $this->files(self::WRONG);
        if (count($wrong) < self::TRIES) {
            return 0;
        }

        return max(0, max(array_map(static fn (string $file): int => (int) @filemtime($file), $wrong)) + self::PAUSE - time());
    }

    /** A file for each: devices that try at the same moment are all counted. The code itself is not touched. */
    private function countWrong(): void
    {
        foreach ($this->files(self::WRONG) as $file) {
            if ((int) @filemtime($file) <= time() - self::PAUSE) {
                @unlink($file);
            }
        }
        touch($this->file(self::WRONG, random_bytes(8)));
    }

    private function drop(string $kind): void
    {
        foreach ($this->files($kind) as $file) {
            @unlink($file);
        }
    }

    /** @return list<string> */
    private function files(string $kind): array
    {
        return glob("$this->folder/$kind*") ?: [];
    }

    private function file(string $kind, string $secret): string
    {
        return "$this->folder/$kind".hash('sha256', $secret);
    }
}
