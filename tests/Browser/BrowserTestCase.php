<?php

namespace Tests\Browser;

use Closure;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Exception\TimeoutException;
use Facebook\WebDriver\Exception\WebDriverException;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\DriverCommand;
use Facebook\WebDriver\Remote\LocalFileDetector;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverDimension;
use Facebook\WebDriver\WebDriverExpectedCondition;
use Facebook\WebDriver\WebDriverSelect;
use PHPUnit\Framework\TestCase;
use Tests\Browser\Support\Process;
use Tests\Browser\Support\Table;
use Tools\Soak\Surroundings;

/** A person at a table of their own, who clicks, types and looks at the page. */
abstract class BrowserTestCase extends TestCase
{
    /** Seconds that a page may take on a busy machine. */
    protected const PATIENCE = 30;

    /** Milliseconds between two looks. */
    protected const OFTEN = 50;

    /**
     * Tests that begin with the first kit shared out over ten cards. It is done once, and they all begin with the
     * result.
     */
    protected const SHARED_OUT = 'shared-out';

    private static ?string $sharedOut = null;

    private static ?Process $driver = null;

    private static int $driverPort;

    protected Table $table;

    protected RemoteWebDriver $browser;

    /** One browser for all tests of a process, since starting it takes longer than most tests. */
    private static ?RemoteWebDriver $chrome = null;

    public static function setUpBeforeClass(): void
    {
        if (self::$driver === null) {
            @mkdir(Table::root().'/build/browser', 0777, true);
            self::$driverPort = Surroundings::freePort();
            self::$driver = new Process(
                ['chromedriver', '--port='.self::$driverPort],
                Table::root(),
                [],
                Table::root().'/build/browser/chromedriver.log',
            );
            Surroundings::await(self::$driverPort);
            register_shutdown_function(static function (): void {
                self::$chrome?->quit();
                self::$driver?->stop();
            });
        }
    }

    private static function chrome(): RemoteWebDriver
    {
        $profile = sys_get_temp_dir().'/keepshare-'.bin2hex(random_bytes(6));
        register_shutdown_function(static fn () => exec('rm -rf '.escapeshellarg($profile)));
        $options = new ChromeOptions;
        $options->addArguments([
            '--headless=new', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking',
            '--disable-component-update', '--disable-sync', '--lang=en-US', "--user-data-dir=$profile", '--window-size=1280,940',
        ]);
        $wants = DesiredCapabilities::chrome();
        $wants->setCapability(ChromeOptions::CAPABILITY, $options);
        $wants->setCapability('goog:loggingPrefs', ['browser' => 'ALL']);

        return RemoteWebDriver::create('http://127.0.0.1:'.self::$driverPort, $wants, 60_000, 60_000);
    }

    protected function setUp(): void
    {
        $this->table = Table::withDemo(in_array(self::SHARED_OUT, $this->groups(), true) ? self::$sharedOut : null);
        $this->browser = self::$chrome ??= self::chrome();
        $this->browser->manage()->window()->setSize(new WebDriverDimension(1280, 940));
    }

    /** The next test begins as a person who has never been here: no other windows, no cookies, an empty console. */
    protected function tearDown(): void
    {
        try {
            $windows = $this->browser->getWindowHandles();
            foreach (array_slice($windows, 1) as $window) {
                $this->browser->switchTo()->window($window)->close();
            }
            $this->browser->switchTo()->window($windows[0]);
            $this->browser->manage()->deleteAllCookies();
            $this->devTools('Storage.clearDataForOrigin', [
                'origin' => "http://127.0.0.1:{$this->table->port}",
                'storageTypes' => 'local_storage,indexeddb',
            ]);
            $this->devTools('Emulation.clearDeviceMetricsOverride');
            $this->devTools('Emulation.setTouchEmulationEnabled', ['enabled' => false]);
            $this->browser->get('about:blank');
            $this->browser->manage()->getLog('browser');
        } catch (WebDriverException) {
            // A browser that has died is started again for the next test.
            self::$chrome = null;
        }
        $this->table->sweep();
    }

    /** @param  array<string, mixed>  $with */
    protected function devTools(string $command, array $with = []): void
    {
        $call = ['cmd' => $command, 'params' => (object) $with];
        $this->browser->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', $call);
    }

    /** Harbour Lanterns over ten cards, with the bonus cards already found. */
    protected function sharedOut(): void
    {
        $this->open('/kits/1/share-out');
        if ((int) $this->table->value('select count(*) from cards') > 0) {
            $this->see('What is left gives 10 more');

            return;
        }
        $this->press('s');
        $this->see('10 cards from a kit for 10');
        $this->see('What is left gives 10 more');
        self::$sharedOut = $this->table->keep();
    }

    protected function open(string $path): void
    {
        $this->browser->get("http://127.0.0.1:{$this->table->port}$path");
        // Each page is a script of its own. Answers that are not pages have none.
        if (! preg_match('/\.(pdf|svg|json|csv|txt|ics|vcf|zip)$|\/export$/', $path)) {
            $this->element('#page');
        }
    }

    /** A second window. The first one hears of its acts, unless it stands for another browser. */
    protected function openBeside(string $path, bool $isTold = true): void
    {
        $this->browser->switchTo()->newWindow();
        $this->open($path);
        if (! $isTold) {
            $this->browser->executeScript('BroadcastChannel.prototype.postMessage = () => {}');
        }
    }

    /** The element with this text or accessible name. */
    protected function named(string $tag, string $text): RemoteWebElement
    {
        $quoted = '"'.$text.'"';

        return $this->wait(WebDriverBy::xpath("//{$tag}[contains(normalize-space(.), $quoted) or contains(@aria-label, $quoted)]"));
    }

    protected function element(string $css): RemoteWebElement
    {
        return $this->wait(WebDriverBy::cssSelector($css));
    }

    protected function howMany(string $css): int
    {
        return count($this->browser->findElements(WebDriverBy::cssSelector($css)));
    }

    protected function click(string $tag, string $text): void
    {
        $this->until(function () use ($tag, $text): bool {
            try {
                $this->named($tag, $text)->click();
            } catch (StaleElementReferenceException) {
                // The page was drawn again in between.
                return false;
            }

            return true;
        }, "$text cannot be pressed.");
    }

    /** Presses keys where the focus is. */
    protected function press(string ...$keys): void
    {
        foreach ($keys as $key) {
            foreach (mb_str_split($key) as $sign) {
                $actions = [['type' => 'keyDown', 'value' => $sign], ['type' => 'keyUp', 'value' => $sign]];
                $keyboard = ['type' => 'key', 'id' => 'keyboard', 'actions' => $actions];
                $this->browser->execute(DriverCommand::ACTIONS, ['actions' => [$keyboard]]);
            }
        }
    }

    /** Presses a key twice, by its name in KeyboardEvent. No answer can come in between, even on a busy machine. */
    protected function pressTwiceAtOnce(string $key): void
    {
        $this->browser->executeScript(<<<'JS'
            for (const time of [1, 2]) {
                document.activeElement.dispatchEvent(new KeyboardEvent('keydown', { key: arguments[0], bubbles: true, cancelable: true }))
            }
            JS, [$key]);
    }

    protected function typeInto(string $css, string $text): void
    {
        $this->element($css)->clear();
        $this->element($css)->sendKeys($text);
    }

    protected function choose(string $select, string $option): void
    {
        (new WebDriverSelect($this->element($select)))->selectByVisibleText($option);
    }

    protected function upload(string $file): void
    {
        $this->element('input[type=file]')->setFileDetector(new LocalFileDetector)->sendKeys($file);
    }

    protected function see(string $text): void
    {
        try {
            $this->browser->wait(self::PATIENCE, self::OFTEN)->until(fn (): bool => str_contains($this->text(), $text));
        } catch (TimeoutException) {
            self::fail("The page does not show \"$text\" but: ".mb_substr($this->text(), 0, 1_500));
        }
        $this->addToAssertionCount(1);
    }

    /** Waits until it is no longer visible. */
    protected function seeNo(string $text): void
    {
        $this->until(fn (): bool => ! str_contains($this->text(), $text), "The page still shows \"$text\".");
    }

    /** @param  Closure(): bool  $holds */
    protected function until(Closure $holds, string $else = ''): void
    {
        $this->browser->wait(self::PATIENCE, self::OFTEN)->until($holds, $else);
        $this->addToAssertionCount(1);
    }

    /** Waits until the database holds this and the page shows it. */
    protected function holds(int $expected, string $sql): void
    {
        $this->until(fn (): bool => (int) $this->table->value($sql) === $expected, "Not $expected: $sql");
        $this->until(fn (): bool => $this->howMany('.busy.isBusy') === 0, 'The page is busy still.');
    }

    /** What a person reads, with all kinds of spaces as plain ones. */
    protected function text(): string
    {
        $text = $this->browser->executeScript('return document.body.innerText');

        return (string) preg_replace('/\s+/u', ' ', is_string($text) ? $text : '');
    }

    /** The console must have no error: no broken script, and nothing the content security policy refused. */
    protected function assertQuiet(): void
    {
        $log = $this->browser->manage()->getLog('browser');
        self::assertSame([], array_column(array_filter($log, static fn (array $line): bool => $line['level'] === 'SEVERE'), 'message'));
    }

    private function wait(WebDriverBy $by): RemoteWebElement
    {
        $found = $this->browser
            ->wait(self::PATIENCE, self::OFTEN)
            ->until(
                WebDriverExpectedCondition::visibilityOfElementLocated($by),
                'Not on the page: '.$by->getValue(),
            );
        self::assertInstanceOf(RemoteWebElement::class, $found);

        return $found;
    }
}
