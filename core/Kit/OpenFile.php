<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use KeepShare\Core\Json\BadJson;
use KeepShare\Core\Json\JsonText;

/** How every file that Keep Share reads begins: with its format and its version. */
final class OpenFile
{
    /** The depth of nested objects: cuts of a sheet are nested. */
    private const DEEPEST = 80;

    /**
     * @param  string  $many  what the files of the format are called
     * @return array<mixed> all it says, its format and version being right
     *
     * @throws BadKit
     */
    public static function read(string $json, string $format, int $version, string $many): array
    {
        try {
            $data = JsonText::read($json, self::DEEPEST);
        } catch (BadJson $wrong) {
            throw BadKit::at('', $wrong->getMessage());
        }
        if (! is_array($data) || ($data['format'] ?? null) !== $format) {
            throw BadKit::at('format', "expected \"$format\".");
        }

        return ($data['version'] ?? null) === $version
            ? $data
            : throw BadKit::at('version', "this Keep Share reads version $version of $many.");
    }
}
