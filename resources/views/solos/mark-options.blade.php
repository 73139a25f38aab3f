@foreach (['' => __('solos.no-mark')] + texts('solos.marks') as $mark => $text)
<option value="{{ $mark }}">{{ $text }}</option>
@endforeach
