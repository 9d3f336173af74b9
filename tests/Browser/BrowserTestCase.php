<?php

declare(strict_types=1);

namespace Tests\Browser;

use Closure;
use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Exception\NoSuchElementException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverElement;
use Facebook\WebDriver\WebDriverWait;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;
use Tests\TestDatabase;

/** One application server, one chromedriver and one browser for the class; a real database of its own with the demo in it. */
abstract class BrowserTestCase extends TestCase
{
    /** A machine that does many things at once is slow; a test that waits for what never comes fails all the same. */
    private const PATIENCE_SECONDS = 60;

    protected static RemoteWebDriver $driver;

    protected static string $base;

    protected static string $database;

    /** @var array<string, string> of the application */
    private static array $env = [];

    private static ?Process $worker = null;

    private static ?Process $app = null;

    private static ?Process $chromedriver = null;

    private static string $profile;

    private static int $driverPort;

    /** @var list<RemoteWebDriver> */
    private static array $others = [];

    public static function setUpBeforeClass(): void
    {
        $root = dirname(__DIR__, 2);
        self::$database = TestDatabase::copy(substr(static::class, strlen(__NAMESPACE__) + 1));
        self::$env = [
            'APP_ENV' => 'testing', 'APP_DEBUG' => 'true', 'DB_DATABASE' => self::$database, 'DB_PERSISTENT' => 'true',
            'SESSION_DRIVER' => 'file', 'CACHE_STORE' => 'array', 'BCRYPT_ROUNDS' => '4', 'QUEUE_CONNECTION' => 'database',
            'APP_CONFIG_CACHE' => 'bootstrap/cache/testing-config.php', 'APP_ROUTES_CACHE' => 'bootstrap/cache/testing-routes.php',
            ...static::environment(),
        ];

        $port = self::freePort();
        self::$base = "http://127.0.0.1:{$port}";
        self::$app = new Process(
            [PHP_BINARY, '-d', 'opcache.enable_cli=1', '-d', 'pcov.enabled=0', '-S', "127.0.0.1:{$port}", $root . '/vendor/laravel/framework/src/Illuminate/Foundation/resources/server.php'],
            $root . '/public',
            self::$env + ['APP_URL' => self::$base],
            null,
            null,
        );
        self::$app->disableOutput()->start();
        static::startBrowser();
        self::waitForHttp(self::$base . '/sign-in');
    }

    public static function tearDownAfterClass(): void
    {
        try {
            array_map(static fn(RemoteWebDriver $other) => $other->quit(), self::$others);
            self::$driver->quit();
        } finally {
            self::$others = [];
            self::$chromedriver?->stop(3);
            self::$worker?->stop(3);
            self::$worker = null;
            self::$app?->stop(3);
            (new Process(['sh', '-c', 'rm -rf "$1" "$1"-*', 'sh', self::$profile]))->run();
            TestDatabase::drop(self::$database);
        }
    }

    /** Does the long work, as bin/start's does. */
    protected static function startWorker(): void
    {
        self::$worker = new Process([PHP_BINARY, '-d', 'pcov.enabled=0', 'artisan', 'queue:work', '--sleep=1', '--quiet'], dirname(__DIR__, 2), self::$env, null, null);
        self::$worker->disableOutput()->start();
    }

    protected static function viewport(int $width, int $height, bool $phone = false): void
    {
        $tools = new ChromeDevToolsDriver(self::$driver);
        $tools->execute('Emulation.setDeviceMetricsOverride', ['width' => $width, 'height' => $height, 'deviceScaleFactor' => $phone ? 2 : 1, 'mobile' => $phone]);
        $tools->execute('Emulation.setTouchEmulationEnabled', ['enabled' => $phone, 'maxTouchPoints' => $phone ? 5 : 1]);
    }

    /** @param 'light'|'dark' $scheme */
    protected static function scheme(string $scheme): void
    {
        (new ChromeDevToolsDriver(self::$driver))->execute('Emulation.setEmulatedMedia', ['features' => [['name' => 'prefers-color-scheme', 'value' => $scheme]]]);
    }

    protected static function media(string $media): void
    {
        (new ChromeDevToolsDriver(self::$driver))->execute('Emulation.setEmulatedMedia', ['media' => $media]);
    }

    protected static function scripts(bool $enabled): void
    {
        (new ChromeDevToolsDriver(self::$driver))->execute('Emulation.setScriptExecutionDisabled', ['value' => ! $enabled]);
    }

    /** Changes or asks what the interface has no screen for, in the demo's organisation. */
    protected static function database(string $sql): string
    {
        return TestDatabase::sql("set mintbuckle.organisation = '1'; {$sql}", self::$database);
    }

    protected static function open(string $path): void
    {
        self::$driver->get(self::$base . $path);
    }

    protected static function one(string $css): WebDriverElement
    {
        return self::$driver->findElement(WebDriverBy::cssSelector($css));
    }

    /** @return list<WebDriverElement> */
    protected static function all(string $css): array
    {
        return array_values(self::$driver->findElements(WebDriverBy::cssSelector($css)));
    }

    protected static function waitFor(string $css): WebDriverElement
    {
        self::until(static fn(): bool => self::all($css) !== [], "no {$css} on " . self::$driver->getCurrentURL());

        return self::one($css);
    }

    /**
     * Waits until it holds. A part of the page that is drawn anew while it is looked at, or is not there yet, does not hold yet.
     *
     * @param Closure(): mixed $holds
     */
    protected static function until(Closure $holds, string $message = ''): void
    {
        (new WebDriverWait(self::$driver, self::PATIENCE_SECONDS, 50))->until(static function () use ($holds): mixed {
            try {
                return $holds();
            } catch (StaleElementReferenceException|NoSuchElementException) {
                return false;
            }
        }, $message);
    }

    /** Clicks by script: what is fixed over an element on a phone is scrolled away by people, not by the driver. */
    protected static function press(string $css): void
    {
        self::$driver->executeScript('arguments[0].scrollIntoView({block: "center"}); arguments[0].click ? arguments[0].click() : arguments[0].dispatchEvent(new MouseEvent("click", {bubbles: true}));', [self::one($css)]);
    }

    /** Leaves the page first: an answer still on its way would bring back the cookie of who was signed in. */
    protected static function signIn(string $login = 'wren'): void
    {
        self::$driver->get('about:blank');
        (new ChromeDevToolsDriver(self::$driver))->execute('Network.clearBrowserCookies');
        self::open('/sign-in');
        self::waitFor('#login')->sendKeys($login);
        self::one('#password')->sendKeys('market-day');
        self::one('form .press')->click();
        self::waitFor('main.event');
    }

    protected static function stopApp(): void
    {
        self::$app?->stop(3);
    }

    protected static function startApp(): void
    {
        self::$app?->start();
        self::waitForHttp(self::$base . '/sign-in');
    }

    protected static function startBrowser(): void
    {
        self::$driverPort = self::startChromedriver();
        self::$profile = sys_get_temp_dir() . '/mint-buckle-chrome-' . bin2hex(random_bytes(6));
        self::$driver = self::browser(self::$profile);
    }

    /** Another person's browser, beside the first; it is closed with it. */
    protected static function anotherBrowser(): RemoteWebDriver
    {
        return self::$others[] = self::browser(self::$profile . '-' . (count(self::$others) + 2));
    }

    private static function browser(string $profile): RemoteWebDriver
    {
        $options = (new ChromeOptions())->addArguments([
            '--headless=new', '--disable-gpu', '--no-first-run', '--disable-background-networking', '--disable-component-update',
            '--disable-sync', '--disable-quic', '--disable-dev-shm-usage', '--hide-scrollbars', '--lang=en',
            '--user-data-dir=' . $profile,
            ...(posix_geteuid() === 0 ? ['--no-sandbox'] : []),
            ...static::browserArguments(),
        ]);
        $caps = DesiredCapabilities::chrome()->setCapability(ChromeOptions::CAPABILITY, $options);
        $caps->setCapability('goog:loggingPrefs', ['browser' => 'ALL']);
        $driver = RemoteWebDriver::create('http://127.0.0.1:' . self::$driverPort, $caps, 30_000, 60_000);
        $driver->manage()->timeouts()->setScriptTimeout(30);

        return $driver;
    }

    /** @return array<string, string> what the application is told besides */
    protected static function environment(): array
    {
        return [];
    }

    /** @return list<string> what the browser is told besides */
    protected static function browserArguments(): array
    {
        return [];
    }

    /** A port that nothing listens on, below those that the system gives out by itself, so that no connection takes it before its server does. */
    protected static function freePort(): int
    {
        do {
            $port = random_int(12_000, 32_000);
            $socket = @stream_socket_server("tcp://127.0.0.1:{$port}");
        } while ($socket === false);
        fclose($socket);

        return $port;
    }

    /** @return int the port it listens on; another is tried when somebody else was there first */
    private static function startChromedriver(): int
    {
        $said = '';
        for ($try = 0; $try < 4; $try++) {
            $port = self::freePort();
            self::$chromedriver = new Process(['chromedriver', "--port={$port}"], null, null, null, null);
            self::$chromedriver->start();
            $listens = self::$chromedriver->waitUntil(static function (string $type, string $chunk) use (&$said): bool {
                return str_contains($said .= $chunk, 'successfully on port');
            });
            if ($listens) {
                return $port;
            }
        }
        self::fail("chromedriver does not start: {$said}");
    }

    protected static function waitForHttp(string $url): void
    {
        for ($i = 0; $i < 200; $i++) {
            if (@file_get_contents($url) !== false) {
                return;
            }
            usleep(50_000);
        }
        self::fail("no answer from {$url}");
    }
}
