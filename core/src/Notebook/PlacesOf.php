<?php

declare(strict_types=1);

namespace CleanRace\Core\Notebook;

/** Addresses of places that are about a part, a seat, a side, a fastener or a step. {@see Places} has those that stand fixed. */
final class PlacesOf
{
    /** Where a part is, its condition, how it lay, what was seen of it. */
    public static function part(string $id): string
    {
        return "part.$id";
    }

    /** What is noted of something outside the hub: before, off, back. */
    public static function fitting(string $name, string $what): string
    {
        return "fitting.$name.$what";
    }

    /** @param  string  $side left or right */
    public static function number(string $side): string
    {
        return self::bearing($side, 'number');
    }

    /** What is stamped on a part, or its sizes. */
    public static function sized(string $part): string
    {
        return "size.part.$part";
    }

    /** One reading of a part that is to be bought. */
    public static function sizedBy(string $part, string $what): string
    {
        return "size.part.$part.$what";
    }

    /** @param  string  $seat left or right of a pair, or the part that sits there */
    public static function feel(string $seat): string
    {
        return "fit.$seat.feel";
    }

    /** What a seat is meant to do, where this hub is built otherwise. */
    public static function meant(string $seat): string
    {
        return "fit.$seat.meant";
    }

    /** What is done about a loose seat. */
    public static function remedy(string $seat): string
    {
        return "fit.$seat.remedy";
    }

    /** What a wall looks like. */
    public static function look(string $seat): string
    {
        return "bore.$seat.look";
    }

    /** What is judged of something that is looked over while it is here. */
    public static function lookedOver(string $name): string
    {
        return "strip.look.$name";
    }

    /** One diameter of a wall: how deep, and in which direction of the clock. */
    public static function bore(string $seat, string $depth, string $clock): string
    {
        return "bore.$seat.$depth.$clock";
    }

    /** @param  string  $side left or right */
    public static function newNumber(string $side): string
    {
        return self::newBearing($side, 'number');
    }

    /** Width of the new bearing, as it was measured when it came. */
    public static function newWidth(string $side): string
    {
        return self::newBearing($side, 'width');
    }

    /** What is looked at, or measured, before a hub comes apart. */
    public static function check(string $what): string
    {
        return "check.$what";
    }

    /** What the caliper says of the old bearing. @param  string  $side left or right */
    public static function bearing(string $side, string $what): string
    {
        return "size.$side.$what";
    }

    /** What the caliper says of the new bearing. @param  string  $side left or right */
    public static function newBearing(string $side, string $what): string
    {
        return "source.$side.$what";
    }

    /** @param  string  $which old or new */
    public static function matched(string $part, string $which, string $what): string
    {
        return "source.part.$part.$which.$what";
    }

    /** @param  string  $what asked or answer */
    public static function customer(int $question, string $what): string
    {
        return "source.customer.$question.$what";
    }

    /** What is noted of a fastener: its spanner, thread, torque, source. */
    public static function fastener(string $fastener, string $what): string
    {
        return "fastener.$fastener.$what";
    }

    /** @param  string  $seat left or right of a pair, or the part that sits there */
    public static function seat(string $seat, string ...$what): string
    {
        return "seat.$seat.".implode('.', $what);
    }

    /** What is measured of a wheel in its fork. */
    public static function centre(string $what): string
    {
        return "set.centre.$what";
    }

    /** One try of a cone, by its number from 1. */
    public static function coneTry(int|string $n): string
    {
        return "set.cone.try.$n";
    }

    /** One of the checks that end a job. */
    public static function prove(string $check): string
    {
        return "prove.$check";
    }

    /** What is found when the wheel is back. */
    public static function after(string $what): string
    {
        return "prove.after.$what";
    }

    /** That a step was done by doing it. */
    public static function done(string $step): string
    {
        return "$step.done";
    }

    /** A word on why something that asks for care may go. */
    public static function word(string $step): string
    {
        return "word.$step";
    }
}
