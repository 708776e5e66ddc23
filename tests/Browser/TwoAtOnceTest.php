<?php

namespace Tests\Browser;

use GuzzleHttp\Client;
use GuzzleHttp\Cookie\CookieJar;
use GuzzleHttp\Promise\PromiseInterface;
use GuzzleHttp\Promise\Utils;
use PHPUnit\Framework\TestCase;
use Psr\Http\Message\ResponseInterface;
use Tests\Browser\Support\Table;

/** Two people at one table at the same moment, while the worker writes too. */
final class TwoAtOnceTest extends TestCase
{
    private const ROUNDS = 14;

    private Table $table;

    protected function setUp(): void
    {
        $this->table = Table::withDemo();
    }

    protected function tearDown(): void
    {
        $this->table->sweep();
    }

    public function test_of_two_acts_at_once_one_is_done_and_the_other_is_told_while_the_worker_is_busy(): void
    {
        $people = [$this->person(), $this->person()];
        $base = (int) $this->table->value("select id from components where kit_id = 1 and key = 'base'");
        self::act($people[0], '/kits/1/share-out', [
            'cards' => '6',
            'stash' => false,
            'words' => 'once',
            'revision' => 0,
        ])->wait();

        $here = 10;
        for ($round = 0; $round < self::ROUNDS; $round++) {
            // Both saw the same number. Each counts one more or one fewer.
            $to = $here === 10 ? 9 : 10;
            $counted = ['counted' => (string) $to, 'was' => $here, 'reason' => 'lost', 'note' => ''];
            /** @var list<ResponseInterface> $answers */
            $answers = Utils::unwrap(array_map(
                static fn (Client $one): PromiseInterface => self::act($one, "/kits/1/count/$base", $counted),
                $people,
            ));
            foreach ($answers as $answer) {
                self::assertLessThan(500, $answer->getStatusCode(), (string) $answer->getBody());
            }
            self::assertSame(
                $to,
                (int) $this->table->value("select sum(delta) from ledger_entries where component_id = $base"),
                "round $round",
            );
            $here = $to;
        }
        self::assertSame(self::ROUNDS, (int) $this->table->value("select count(*) from acts where name like 'Count%'"));
    }

    private function person(): Client
    {
        $client = new Client([
            'base_uri' => "http://127.0.0.1:{$this->table->port}",
            'cookies' => new CookieJar,
            'http_errors' => false,
        ]);
        $client->get('/kits/1');

        return $client;
    }

    /** @param  array<string, mixed>  $data */
    private static function act(Client $person, string $path, array $data): PromiseInterface
    {
        $jar = $person->getConfig('cookies');
        self::assertInstanceOf(CookieJar::class, $jar);
        $token = urldecode($jar->getCookieByName('XSRF-TOKEN')?->getValue() ?? '');

        return $person->postAsync($path, ['json' => $data, 'headers' => ['X-XSRF-TOKEN' => $token, 'X-Inertia' => 'true']]);
    }
}
