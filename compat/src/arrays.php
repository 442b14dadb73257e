<?php

declare(strict_types=1);

// PHP 8.5 has these two built in; the framework calls them on older versions through a polyfill.

if (! function_exists('array_first')) {
    /**
     * @param  array<mixed>  $array
     * @return mixed the first value, or null when the array is empty
     */
    function array_first(array $array): mixed
    {
        return $array === [] ? null : $array[array_key_first($array)];
    }
}

if (! function_exists('array_last')) {
    /**
     * @param  array<mixed>  $array
     * @return mixed the last value, or null when the array is empty
     */
    function array_last(array $array): mixed
    {
        return $array === [] ? null : $array[array_key_last($array)];
    }
}
