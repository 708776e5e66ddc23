<?php

declare(strict_types=1);

namespace KeepShare\Core\Json;

use JsonException;

/**
 * A JSON file from outside. It may begin with a byte-order mark. If it is not JSON, the first fault is located, since
 * PHP only says that there is one.
 */
final class JsonText
{
    private const MARK = "\u{FEFF}";

    private const SPACE = '/\G[ \t\r\n]*/';

    private const STRING = '/\G"(?:[^"\\\\\x00-\x1F]|\\\\(?:["\\\\\/bfnrt]|u[0-9a-fA-F]{4}))*"/';

    private const PLAIN = '/\G(?:-?(?:0|[1-9]\d*)(?:\.\d+)?(?:[eE][+-]?\d+)?|true|false|null)(?![\w.+-])/';

    private int $at = 0;

    /** @var list<'{'|'['> what is open */
    private array $open = [];

    private function __construct(private readonly string $json)
    {
    }

    /**
     * @param  int<1, max>  $deepest  brackets in brackets
     *
     * @throws BadJson
     */
    public static function read(string $json, int $deepest): mixed
    {
        $plain = str_starts_with($json, self::MARK) ? substr($json, strlen(self::MARK)) : $json;
        try {
            return json_decode($plain, true, $deepest, JSON_THROW_ON_ERROR);
        } catch (JsonException $wrong) {
            throw $wrong->getCode() === JSON_ERROR_DEPTH ? BadJson::tooDeep($deepest) : (new self($plain))->fault();
        }
    }

    private function fault(): BadJson
    {
        $expected = 'a value';
        while (($next = $this->step($expected)) !== null) {
            $expected = $next;
        }
        $before = substr($this->json, 0, $this->at);
        $start = strrpos($before, "\n");
        $line = $start === false ? $before : substr($before, $start + 1);

        return BadJson::at(1 + substr_count($before, "\n"), 1 + mb_strlen($line), $expected);
    }

    /** What is expected next. Null if the text is right here. */
    private function step(string $expected): ?string
    {
        $this->takes(self::SPACE);
        $sign = $this->json[$this->at] ?? '';

        return match (true) {
            $expected === 'nothing more' => null,
            str_ends_with($expected, 'or the end of the list') && $sign === ']' => $this->close(),
            str_ends_with($expected, 'or the end of the object') && $sign === '}' => $this->close(),
            str_starts_with($expected, 'a comma') => $sign === ',' ? $this->afterComma() : null,
            $expected === 'a colon' => $sign === ':' ? $this->pass('a value') : null,
            str_starts_with($expected, 'a name') => $this->takes(self::STRING) ? 'a colon' : null,
            $sign === '{' || $sign === '[' => $this->begin($sign),
            default => $this->takes(self::STRING) || $this->takes(self::PLAIN) ? $this->afterValue() : null,
        };
    }

    private function takes(string $pattern): bool
    {
        $isThere = preg_match($pattern, $this->json, $found, 0, $this->at) === 1;
        $this->at += strlen($found[0] ?? '');

        return $isThere;
    }

    private function pass(string $expected): string
    {
        $this->at++;

        return $expected;
    }

    /** @param  '{'|'['  $sign */
    private function begin(string $sign): string
    {
        $this->open[] = $sign;

        return $this->pass($sign === '{' ? 'a name in quotes or the end of the object' : 'a value or the end of the list');
    }

    private function close(): string
    {
        array_pop($this->open);
        $this->at++;

        return $this->afterValue();
    }

    private function afterComma(): string
    {
        return $this->pass(end($this->open) === '{' ? 'a name in quotes' : 'a value');
    }

    private function afterValue(): string
    {
        return match (end($this->open)) {
            false => 'nothing more',
            '{' => 'a comma or the end of the object',
            '[' => 'a comma or the end of the list',
        };
    }
}
