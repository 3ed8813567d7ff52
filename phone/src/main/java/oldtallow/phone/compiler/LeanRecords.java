package oldtallow.phone.compiler;

import java.util.List;
import org.teavm.model.BasicBlock;
import org.teavm.model.ClassHolder;
import org.teavm.model.ClassHolderTransformer;
import org.teavm.model.ClassHolderTransformerContext;
import org.teavm.model.Instruction;
import org.teavm.model.MethodDescriptor;
import org.teavm.model.MethodHolder;
import org.teavm.model.instructions.StringConstantInstruction;
import org.teavm.vm.spi.TeaVMHost;
import org.teavm.vm.spi.TeaVMPlugin;

/**
 * Leaves out of records what nobody asks of them in a phone, since the compiler cannot know: their own words, which nobody reads
 * (docs/decisions/0016-the-core-in-a-phone.md), and of what is only written out as JSON, whether two are equal. It is a fifth of the
 * script.
 */
public final class LeanRecords implements TeaVMPlugin, ClassHolderTransformer {

    private static final MethodDescriptor WORDS = new MethodDescriptor("toString", String.class);
    private static final List<MethodDescriptor> EQUAL = List.of(
            new MethodDescriptor("equals", Object.class, boolean.class), new MethodDescriptor("hashCode", int.class));

    @Override
    public void install(TeaVMHost host) {
        host.add(this);
    }

    @Override
    public void transformClass(ClassHolder type, ClassHolderTransformerContext context) {
        if (!type.getName().startsWith("oldtallow.") || !"java.lang.Record".equals(type.getParent())) {
            return;
        }
        MethodHolder words = type.getMethod(WORDS);
        if (words != null && isByItself(words, type)) {
            type.removeMethod(words);
        }
        if (type.getName().contains(".web.")) {
            EQUAL.forEach(one -> type.removeMethod(type.getMethod(one)));
        }
    }

    /** Whether the compiler of Java wrote it, not one of us: its text begins with the record's name and a bracket. */
    private static boolean isByItself(MethodHolder words, ClassHolder type) {
        for (BasicBlock block : words.getProgram().getBasicBlocks()) {
            for (Instruction one : block) {
                if (one instanceof StringConstantInstruction text) {
                    return text.getConstant().endsWith("[")
                            && type.getName()
                                    .endsWith(text.getConstant()
                                            .substring(0, text.getConstant().length() - 1));
                }
            }
        }
        return false;
    }
}
