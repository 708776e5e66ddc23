<?php

namespace Tools\Soak;

use GuzzleHttp\Client as Http;
use GuzzleHttp\Cookie\CookieJar;
use GuzzleHttp\Exception\ConnectException;
use GuzzleHttp\Exception\RequestException;
use GuzzleHttp\Promise\PromiseInterface;
use Psr\Http\Message\ResponseInterface;

/** One maker at the table with a browser of their own, who views pages and acts. */
final class Client
{
    private const SECONDS = 60;

    private readonly Http $http;

    private readonly CookieJar $cookies;

    private string $version = '';

    /** The page that was viewed last. */
    private string $component = '';

    /** The revision of the kit as this client knows it. Another client may have acted since. */
    private int $revision = 0;

    public function __construct(int $port)
    {
        $this->cookies = new CookieJar;
        $this->http = new Http([
            'base_uri' => "http://127.0.0.1:$port",
            'cookies' => $this->cookies,
            'http_errors' => false,
            'timeout' => self::SECONDS,
            'allow_redirects' => false,
        ]);
    }

    /**
     * @param  list<string>  $without  what of the page is asked for later
     * @return array<string, mixed>|null what a page shows; null where the server was gone
     */
    public function look(string $path, array $without = []): ?array
    {
        $headers = [...$this->headers(), ...$this->partial($without)];
        $seen = $this->heard(fn (): ResponseInterface => $this->http->get($path, ['headers' => $headers]));
        if ($seen?->getStatusCode() === 409) {
            $this->version = $this->versionOf($path);

            return $this->look($path, $without);
        }

        return $seen === null ? null : $this->shown($seen, "GET $path");
    }

    /** @return array<string, mixed> what a page shows */
    private function shown(ResponseInterface $answer, string $asked): array
    {
        $page = json_decode((string) $answer->getBody(), true);
        if (! is_array($page) || ! is_array($page['props'] ?? null)) {
            throw new SoakFault("$asked answered {$answer->getStatusCode()}.");
        }
        $this->component = is_string($page['component'] ?? null) ? $page['component'] : '';
        $this->revision = is_int($page['props']['frame']['revision'] ?? null) ? $page['props']['frame']['revision'] : $this->revision;

        return $page['props'];
    }

    /**
     * Sends an act, based on the table as this client knows it. The answer is read later, since two may be sent at
     * once.
     *
     * @param  array<string, mixed>  $data
     * @param  list<string>  $without  what of the page after it is asked for later
     */
    public function ask(string $path, array $data, array $without = []): PromiseInterface
    {
        $token = $this->cookies->getCookieByName('XSRF-TOKEN')?->getValue() ?? '';

        return $this->http->postAsync($path, [
            'headers' => [...$this->headers(), ...$this->partial($without), 'X-XSRF-TOKEN' => urldecode($token)],
            'json' => [...$data, 'revision' => $this->revision],
        ]);
    }

    /** @return bool|null whether it was done; null where the server was gone */
    public function hear(PromiseInterface $asked, string $path): ?bool
    {
        $answer = $this->heard(static fn (): mixed => $asked->wait());
        if ($answer === null) {
            return null;
        }
        if ($answer->getStatusCode() >= 500) {
            throw new SoakFault("POST $path answered {$answer->getStatusCode()}.");
        }
        $page = $answer->hasHeader('X-Inertia')
            ? $this->shown($answer, "POST $path")
            : $this->look($answer->getHeaderLine('Location') ?: '/');

        return $page === null ? null : ($page['errors'] ?? []) === [] && $answer->getStatusCode() < 400;
    }

    /** @param  callable(): mixed  $do */
    private function heard(callable $do): ?ResponseInterface
    {
        try {
            $answer = $do();

            return $answer instanceof ResponseInterface ? $answer : null;
        } catch (ConnectException|RequestException) {
            return null;
        }
    }

    /** @return array<string, string> */
    private function headers(): array
    {
        return ['X-Inertia' => 'true', 'X-Inertia-Version' => $this->version, 'Accept' => 'text/html, application/xhtml+xml'];
    }

    /**
     * @param  list<string>  $without
     * @return array<string, string>
     */
    private function partial(array $without): array
    {
        return $without === [] ? [] : [
            'X-Inertia-Partial-Component' => $this->component,
            'X-Inertia-Partial-Except' => implode(',', $without),
        ];
    }

    /** The version of the scripts, from the first page. */
    private function versionOf(string $path): string
    {
        $html = (string) $this->http->get($path)->getBody();

        return preg_match('/"version":"([^"]*)"/', html_entity_decode($html), $found) === 1 ? $found[1] : '';
    }
}
