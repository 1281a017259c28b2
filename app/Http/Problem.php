<?php

declare(strict_types=1);

namespace App\Http;

use App\Calculators\InputFaults;
use App\Calculators\UnknownCalculator;
use App\Http\Conflicts\Conflict;
use CleanRace\Core\Measure\InvalidInput;
use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Contracts\Support\Responsable;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Database\QueryException;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\JsonResponse;
use Illuminate\Session\TokenMismatchException;
use Illuminate\Validation\ValidationException;
use PDOException;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;
use UnexpectedValueException;

/** Problem details after RFC 9457: one shape for everything that goes wrong, with a sentence a person can act on. */
final readonly class Problem implements Responsable
{
    /**
     * @param  list<array{field: string, detail: string, value?: string}>  $errors
     * @param  ?int  $wait seconds after which trying again may work
     */
    public function __construct(
        public int $status,
        public string $slug,
        public string $title,
        public string $detail,
        public array $errors = [],
        public ?int $wait = null,
    ) {
    }

    public static function from(Throwable $fault): self
    {
        return match (true) {
            $fault instanceof InputFaults => self::input($fault->faults),
            $fault instanceof InvalidInput => self::input([
                ['field' => $fault->field ?? 'entry', 'detail' => $fault->getMessage()] +
                ($fault->value === null ? [] : ['value' => $fault->value]),
            ]),
            $fault instanceof ValidationException => self::input(self::fromValidation($fault), $fault->status),
            $fault instanceof UnexpectedValueException && str_contains($fault->getMessage(), 'pagination') => self::input([
                ['field' => 'cursor', 'detail' => 'That cursor belongs to another list. Leave it out to start from the top.'],
            ]),
            $fault instanceof UnknownCalculator => new self(404, 'unknown-calculator', 'No such calculator', $fault->getMessage()),
            $fault instanceof Conflict => new self(409, $fault->slug, $fault->title, $fault->getMessage(), $fault->errors),
            $fault instanceof AuthenticationException => new self(401, 'signed-out', 'Not signed in', 'Sign in to go on.'),
            $fault instanceof TokenMismatchException => new self(
                419,
                'stale-page',
                'This page is stale',
                'Load the page again and repeat that.',
            ),
            $fault instanceof AuthorizationException => new self(
                403,
                'not-allowed',
                'Not yours to do',
                'Your role in this shop does not allow that.',
            ),
            $fault instanceof ModelNotFoundException => self::notFound(),
            $fault instanceof PostTooLargeException => new self(
                413,
                'too-large',
                'Too large',
                'That is larger than 10 MB. Take the photo smaller.',
                [['field' => 'photo', 'detail' => 'That is larger than 10 MB. Take the photo smaller.']],
            ),
            $fault instanceof QueryException, $fault instanceof PDOException => self::database($fault),
            $fault instanceof HttpExceptionInterface => self::http($fault),
            default => new self(500, 'fault', 'Something broke here', 'The program failed. What was entered before is kept.'),
        };
    }

    /** @param  list<array{field: string, detail: string, value?: string}>  $errors */
    public static function input(array $errors, int $status = 422): self
    {
        return new self($status, 'input', 'That cannot be used', $errors[0]['detail'] ?? 'The input is not right.', $errors);
    }

    public function toResponse($request): JsonResponse
    {
        return new JsonResponse(
            [
                'type' => '/problems/'.$this->slug,
                'title' => $this->title,
                'status' => $this->status,
                'detail' => $this->detail,
                'errors' => $this->errors,
            ],
            $this->status,
            ['Content-Type' => 'application/problem+json'] + ($this->wait === null ? [] : ['Retry-After' => (string) $this->wait]),
            JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE,
        );
    }

    private static function notFound(): self
    {
        return new self(404, 'not-found', 'Not here', 'There is no such thing in this shop.');
    }

    private static function http(HttpExceptionInterface $fault): self
    {
        return match ($fault->getStatusCode()) {
            401 => new self(401, 'signed-out', 'Not signed in', 'Sign in to go on.'),
            403 => new self(403, 'not-allowed', 'Not yours to do', 'Your role in this shop does not allow that.'),
            404 => self::notFound(),
            405 => new self(405, 'method', 'Not done that way', 'This address does not take that method.'),
            413 => self::from(new PostTooLargeException()),
            419 => new self(419, 'stale-page', 'This page is stale', 'Load the page again and repeat that.'),
            429 => new self(
                429,
                'too-many',
                'Too many tries',
                $fault->getMessage() === '' ? 'Wait a minute, then try again.' : $fault->getMessage(),
                [],
                (int) ($fault->getHeaders()['Retry-After'] ?? 60),
            ),
            410 => new self(410, 'over', 'No longer here', $fault->getMessage()),
            default => new self(
                $fault->getStatusCode(),
                'refused',
                'Refused',
                $fault->getMessage() === '' ? 'That was refused.' : $fault->getMessage(),
            ),
        };
    }

    /** A database that is away is a matter of waiting; a value it cannot hold is the sender's. */
    private static function database(PDOException $fault): self
    {
        $state = (string) ($fault->errorInfo[0] ?? $fault->getCode());
        if (str_starts_with($state, '22')) {
            return self::input([['field' => 'body', 'detail' => 'A value here is not one that can be kept.']]);
        }
        $away =
            $state === '' ||
            str_starts_with($state, '08') ||
            str_starts_with($state, '57') ||
            str_starts_with($state, 'HY') ||
            $state === '7';

        return $away
            ? new self(
                503,
                'store-away',
                'The record store is away',
                'Nothing was kept of this. It is sent again when the store is back.',
                [],
                3,
            )
            : new self(500, 'fault', 'Something broke here', 'The program failed. What was entered before is kept.');
    }

    /** @return list<array{field: string, detail: string}> */
    private static function fromValidation(ValidationException $fault): array
    {
        $errors = [];
        foreach ($fault->errors() as $field => $sentences) {
            $errors[] = ['field' => (string) $field, 'detail' => $sentences[0] ?? 'Not right.'];
        }

        return $errors;
    }
}
