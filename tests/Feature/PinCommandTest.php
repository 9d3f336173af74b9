<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\User;
use Illuminate\Support\Facades\Hash;
use Illuminate\Testing\PendingCommand;

final class PinCommandTest extends FeatureTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->mockConsoleOutput = true;
    }

    public function testSetsIt(): void
    {
        $this->command('buckle:pin wren', '4711')->assertExitCode(0);
        self::assertTrue(Hash::check('4711', (string) User::query()->where('login', 'wren')->sole()->pin));
    }

    public function testFourToEightDigitsOfSomebodyWhoIsThere(): void
    {
        $before = User::query()->where('login', 'wren')->sole()->pin;
        foreach (['12', '123456789', 'abcd', ''] as $pin) {
            $this->command('buckle:pin wren', $pin)->expectsOutputToContain('four to eight digits')->assertExitCode(1);
        }
        $this->command('buckle:pin nobody')->expectsOutputToContain('Nobody signs in by that name')->assertExitCode(1);
        self::assertSame($before, User::query()->where('login', 'wren')->sole()->pin);
    }

    private function command(string $command, ?string $pin = null): PendingCommand
    {
        $pending = $this->artisan($command);
        assert($pending instanceof PendingCommand);

        return $pin === null ? $pending : $pending->expectsQuestion('PIN, four to eight digits', $pin);
    }
}
