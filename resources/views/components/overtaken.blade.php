@props(['row'])
@if (session('overtaken'))
<div class="flash flash-error" role="alert">
    <p class="mb-1">
        <strong>{{ __('words.overtaken', ['name' => $row->updatedBy->name ?? __('words.somebody'),
            'time' => school_time($row->updated_at, 'H:i')]) }}</strong>
        {{ __('words.overtaken-help') }}
    </p>
    {{ $slot }}
</div>
@endif
