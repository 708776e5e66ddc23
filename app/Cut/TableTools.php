<?php

namespace App\Cut;

use Closure;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\Response;
use Illuminate\Support\Facades\Http;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Refusal;

/** The label printer and the motor cutter. Those that ship are stand-ins: standins/table-tools. */
final class TableTools
{
    private const SECONDS = 5;

    /**
     * @param  list<array<string, mixed>>  $labels
     * @return int how many were printed
     *
     * @throws NoAnswer
     */
    public function print(array $labels): int
    {
        $printed = $this->ask(
            'label printer',
            fn (): Response => Http::timeout(self::SECONDS)
                ->connectTimeout(2)
                ->acceptJson()
                ->post($this->url('/labels'), ['labels' => $labels]),
        )['printed'] ?? null;

        return is_int($printed) ? $printed : throw NoAnswer::nonsense('label printer');
    }

    /**
     * @param  array<string, mixed>  $plan  a keepshare/cut-plan
     * @return array<string, Size> what each piece really measures, by its id
     *
     * @throws NoAnswer
     */
    public function cut(array $plan): array
    {
        $cut = $this->ask(
            'motor cutter',
            fn (): Response => Http::timeout(self::SECONDS)
                ->connectTimeout(2)
                ->acceptJson()
                ->post($this->url('/cut'), $plan),
        )['cut'] ?? null;
        $sizes = [];
        foreach (is_array($cut) ? $cut : throw NoAnswer::nonsense('motor cutter') as $piece) {
            if (
                ! is_array($piece)
                || ! is_string($piece['piece'] ?? null)
                || ! is_string($piece['width'] ?? null)
                || ! is_string($piece['height'] ?? null)
            ) {
                throw NoAnswer::nonsense('motor cutter');
            }
            try {
                $sizes[$piece['piece']] = Size::parse($piece['width'], $piece['height'], Unit::Millimetre);
            } catch (Refusal) {
                throw NoAnswer::nonsense('motor cutter');
            }
        }

        return $sizes;
    }

    /**
     * @param  Closure(): Response  $ask
     * @return array<array-key, mixed>
     */
    private function ask(string $tool, Closure $ask): array
    {
        try {
            $answer = $ask();
        } catch (ConnectionException) {
            throw NoAnswer::silent($tool, self::SECONDS);
        }
        $data = $answer->successful() ? $answer->json() : null;

        return is_array($data) ? $data : throw NoAnswer::nonsense($tool);
    }

    private function url(string $path): string
    {
        return rtrim((string) config('services.table_tools'), '/').$path;
    }
}
