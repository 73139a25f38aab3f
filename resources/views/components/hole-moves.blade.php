{{-- What would close a hole: what to do first, and what instead. --}}
@props(['links'])
@can('create', App\Models\Answer::class)
    <span {{ $attributes->class('moves') }}>@foreach ($links as $link)@if ($loop->first){{ __('wall.holes.first') }} @endif<a
        href="{{ $link['url'] }}">{{ $link['text'] }}</a>{{ $loop->last ? '.' : ', '.__('wall.holes.or') }} @endforeach</span>
@endcan
