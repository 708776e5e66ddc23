import { kept } from '@/lib/kept'

const KEY = 'keep-share-bell'

/** A short sound when something is dry. It can be switched off, and is silent if the browser has no sound. */
export const bell = {
    isOn: (): boolean => kept.get(KEY) !== 'off',
    turn(on: boolean): void {
        kept.put(KEY, on ? 'on' : 'off')
    },
    ring(): void {
        if (!this.isOn() || !('AudioContext' in window)) return
        const sound = new AudioContext()
        const tone = sound.createOscillator()
        const volume = sound.createGain()
        tone.frequency.value = 880
        volume.gain.setValueAtTime(0.2, sound.currentTime)
        volume.gain.exponentialRampToValueAtTime(0.001, sound.currentTime + 1)
        tone.connect(volume).connect(sound.destination)
        tone.start()
        tone.stop(sound.currentTime + 1)
    },
}
