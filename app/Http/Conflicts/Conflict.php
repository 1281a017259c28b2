<?php

declare(strict_types=1);

namespace App\Http\Conflicts;

use RuntimeException;

/** Something that is well said but cannot be done as things stand. */
final class Conflict extends RuntimeException
{
    /** @param  list<array{field: string, detail: string}>  $errors */
    private function __construct(
        string $message,
        public readonly string $slug,
        public readonly string $title,
        public readonly array $errors = [],
    ) {
        parent::__construct($message);
    }

    public static function closed(): self
    {
        return new self('This job is signed: nothing in it changes any more. Open a new job.', 'signed', 'Already signed');
    }

    public static function dropped(): self
    {
        return new self('This job was closed without a signature. Take it up again first.', 'dropped', 'Closed');
    }

    public static function notSigned(): self
    {
        return new self('This job is not signed yet: enter it where it belongs.', 'not-signed', 'Not signed yet');
    }

    public static function nothingToOrder(): self
    {
        return new self(
            'Nothing on this list can be ordered: it is on the shelf, on its way, or no counter lists it.',
            'nothing-to-order',
            'Nothing to order',
        );
    }

    public static function shelfEmpty(): self
    {
        return new self('There are not so many on the shelf.', 'shelf-empty', 'Not on the shelf');
    }

    public static function noGauge(): self
    {
        return new self('No press gauge answers. Read the force by hand, or bring a trace as a file.', 'no-gauge', 'No press gauge');
    }

    public static function simulatedPress(): self
    {
        return new self(
            'This press is a simulation. In a shop of your own nothing of it is kept.',
            'simulated-press',
            'A simulated press',
        );
    }

    public static function otherPerson(): self
    {
        return new self('Somebody else entered this. It waits until they sign in here.', 'other-person', 'Another is signed in');
    }

    public static function begun(): self
    {
        return new self('A shop has begun here. Sign in to it.', 'begun', 'Begun already');
    }

    public static function lastOwner(): self
    {
        return new self('A shop keeps an owner. Make somebody else one first.', 'last-owner', 'The last owner');
    }

    public static function alone(): self
    {
        return new self('Say first, under Shop, that several people work here.', 'alone', 'One person works here');
    }

    public static function othersHere(): self
    {
        return new self('Others work here. Let them leave first, under People.', 'others-here', 'Others work here');
    }

    public static function passwordWanted(): self
    {
        return new self('For that the password is wanted: sign in with it here.', 'password-wanted', 'Sign in with the password');
    }

    public static function noTablet(): self
    {
        return new self('This browser is no bench of the shop. The owner makes it one, under Shop.', 'no-bench', 'Not a bench');
    }

    public static function hasLeft(): self
    {
        return new self('They left. Take them back first.', 'has-left', 'Not here any more');
    }

    public static function stillHere(): self
    {
        return new self('They work here still. Only of somebody who left a name is erased.', 'still-here', 'Still here');
    }

    public static function idTaken(): self
    {
        return new self('That id already stands for another record.', 'id-taken', 'Id taken');
    }

    /** @param  list<array{field: string, detail: string}>  $blocks */
    public static function blocked(array $blocks): self
    {
        return new self(
            ($blocks[0]['detail'] ?? 'Something').' stands in the way of signing.',
            'blocked',
            'Not ready to sign',
            $blocks,
        );
    }
}
