# frozen_string_literal: true

require_relative "../../lib/fond_kettle/log/pot_at_hand"
require_relative "../../lib/fond_kettle/pot/verdict"

module Support
  # A true pot as a cook finds it who looks and bites.
  BittenRun = FondKettle::Value.define(:run, :load) do
    const_set(:HAND, FondKettle::Log::PotAtHand)

    def right?
      FondKettle::Pot::Verdict::RIGHT.include?(FondKettle::Pot::Verdict.of(run, load))
    end

    # Burst or burnt.
    def harmed?
      run.uptake > FondKettle::Pot::Verdict::WET_UPTAKE * load.grain.uptake[:soft] ||
        FondKettle::Pot::Verdict.scorched?(run)
    end

    def stands
      loose = [run.free_g - load.residue_g, 0.0].max / FondKettle::Pot::Verdict.cooked_g(run, load)
      self.class::HAND::STANDS.find { |_, (_, to)| loose < to }.first
    end

    def bite
      bands = self.class::HAND::BITES.except("hard")
      name = bands.find { |_, (_, to)| run.core < to }&.first || "half"
      firm_g = self.class::HAND::HARD_SHARE * load.grain.uptake[:firm]
      name == "gone" && run.uptake < firm_g ? "hard" : name
    end
  end
end
