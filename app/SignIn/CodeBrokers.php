<?php

declare(strict_types=1);

namespace App\SignIn;

use Illuminate\Auth\Passwords\PasswordBrokerManager;
use Illuminate\Auth\Passwords\TokenRepositoryInterface;

/** The framework's password broker, with codes that can be typed. */
final class CodeBrokers extends PasswordBrokerManager
{
    /** @param  array{table: string, expire: int}  $config */
    protected function createTokenRepository(array $config): TokenRepositoryInterface
    {
        return new CodeRepository(
            $this->app->make('db')->connection(),
            $this->app->make('hash'),
            $config['table'],
            '',
            $config['expire'] * 60,
            0,
        );
    }
}
