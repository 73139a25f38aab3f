@props(['row'])
@if (session('overtaken'))
    <div class="flash flash-wrong" role="alert">
        <p class="mb-1"><strong>{{ $row->updatedBy->name ?? 'Somebody' }} saved this at {{ $row->updated_at->format('H:i') }} while you were writing.</strong>
        Nothing was overwritten. Your text is in the form, theirs is below; saving again puts yours in its place.</p>
        {{ $slot }}
    </div>
@endif
