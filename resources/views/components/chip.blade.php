@props(['href'])
<a class="chip" href="{{ $href }}">{{ $slot }} <span aria-hidden="true">×</span><span
    class="visually-hidden">{{ __('words.remove') }}</span></a>
